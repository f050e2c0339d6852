// What is written down of the shop's phones and papers.

export type Act =
  | 'code made'
  | 'code refused'
  | 'code withdrawn'
  | 'paired'
  | 'key copied'
  | 'revoked'
  | 'wiped'
  | 'password set'
  | 'password forgotten'
  | 'signed in'
  | 'sign-in refused'
  | 'signed out'
  | 'audit read'
  | 'not allowed'
