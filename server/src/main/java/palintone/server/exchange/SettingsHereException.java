package palintone.server.exchange;

/** The house has nothing made in it, but rules, cabinets or tools that an archive would replace. */
final class SettingsHereException extends RuntimeException {

    private static final long serialVersionUID = 1;

    SettingsHereException() {
        super(
                "This house has House rules, cabinets or tools of its own. Those of the archive would"
                        + " take their place. Nothing was changed.");
    }
}
