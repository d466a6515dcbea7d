/** What people read here, to be translated in one place. */
export const accessPartWords = {
  signInForm: {
    email: 'E-mail',
    password: 'Password',
    signIn: 'Sign in',
    withPasskey: 'Sign in with a passkey',
    passkeyNotUsed: 'No passkey was used. Try again, or sign in with your password.',
    asDemo: 'Go in as the demo merchandiser',
    demoHint: 'May do all but manage people and settings. Only at this machine, and only in the demo.',
  },
  signedOut: {
    title: 'You are signed out',
    hint: 'Sign in again to go on: what you see here stays as it is.',
  },
}
