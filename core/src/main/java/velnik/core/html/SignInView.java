package velnik.core.html;

/**
 * What the sign-in page asks of a visitor.
 *
 * @param isMember whether they are in already, and can only go out again
 * @param to the address that was asked for; empty for none
 * @param name as typed before; empty for none
 * @param problem what was wrong with what was typed; empty for nothing
 */
public record SignInView(boolean isMember, String to, String name, String problem) {
    /** Where a member's name and password go, as form fields {@code name}, {@code password} and {@code to}. */
    public static final String IN = "/-/members/in";

    public static final String OUT = "/-/members/out";
}
