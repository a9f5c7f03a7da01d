package velnik.core.navigation;

public enum Device {
    WIDE,
    PHONE
}
