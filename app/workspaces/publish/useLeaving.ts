/** Goes back to where somebody came from, or, who came by an address, nowhere. */
export function useLeaving(): () => void {
  const router = useRouter()
  return () => {
    if (window.history.state?.back) router.back()
  }
}
