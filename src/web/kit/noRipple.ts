/** The library's ripple under a press, which our look does not have: each button would watch for it all the same. */
export default {};
