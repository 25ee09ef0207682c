package palintone.core.temper;

/** What sort of chocolate a couverture is; decides its windows. */
public enum CouvertureKind {
    DARK("dark"),
    MILK("milk"),
    WHITE("white");

    private final String words;

    CouvertureKind(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
