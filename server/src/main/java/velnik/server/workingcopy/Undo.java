package velnik.server.workingcopy;

/** What to do about an edit that others were built upon. */
public enum Undo {
    /** It is not taken back then; the answer says what was built upon it. */
    ALONE,
    /** What was built upon it is taken back too, whoever did it. */
    TOGETHER,
    /** It is left as it is; undo goes on with the one before it. */
    SKIP
}
