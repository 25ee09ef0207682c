package palintone.core.temper.colour;

import java.util.List;
import java.util.stream.Stream;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * Compound coating: vegetable fat instead of cocoa butter, no temper, and fats that do not bear
 * each other.
 *
 * @param work where it is worked
 * @param foreign the lesser fat's share of all the fat, where chocolate and coating come together
 * @param say what to do
 * @param cautions what goes with it
 */
public record CompoundCoating(Figure work, Figure foreign, Sentence say, List<Sentence> cautions) {

    /** Where it is worked, °C; practice. */
    public static final Band WORK = new Band(35, 38, 45, 50);

    private static final Source PRACTICE =
            Source.practice(
                    "cocoa butter in a lauric coating: up to some 5 % of the fat; in another"
                            + " vegetable fat up to some 20 %");

    private static final double LAURIC_LIMIT = 5;
    private static final double OTHER_LIMIT = 20;

    /**
     * Allowed: coating above 0 to 1000000 g; chocolate in it 0 to 1000000 g.
     *
     * @param coating by its composition
     * @param coatingG of it
     * @param chocolate that comes into it
     * @param chocolateG of that, 0 for none
     */
    public static CompoundCoating plan(
            final Composition coating,
            final double coatingG,
            final Composition chocolate,
            final double chocolateG) {
        Require.positive("coating", coatingG, 1_000_000, "g");
        Require.between("chocolate in it", chocolateG, 0, 1_000_000, "g");
        final double cocoaButter =
                coatingG * coating.fraction(Component.COCOA_BUTTER)
                        + chocolateG * chocolate.fraction(Component.COCOA_BUTTER);
        final double lauric = coatingG * coating.fraction(Component.LAURIC_FAT);
        final double all = coatingG * coating.fatFraction() + chocolateG * chocolate.fatFraction();
        final double share = all > 0 ? cocoaButter / all * 100 : 0;
        final double limit = lauric > 0 ? LAURIC_LIMIT : OTHER_LIMIT;
        final Basis basis =
                Basis.of("cocoa butter / all fat of coating and chocolate")
                        .with("cocoa butter", cocoaButter, Unit.GRAM)
                        .with("lauric fat", lauric, Unit.GRAM)
                        .with("all fat", all, Unit.GRAM)
                        .from(PRACTICE);
        final Figure foreign =
                Figure.of("cocoa butter in the fat", share, Unit.PERCENT, basis)
                        .within(new Band(0, 0, limit, limit * 1.5));
        return new CompoundCoating(
                Figure.of("work at", 40, Unit.CELSIUS, Basis.of("practice").from(PRACTICE))
                        .within(WORK),
                foreign,
                say(share, limit),
                cautions(lauric > 0, share > limit));
    }

    private static Sentence say(final double share, final double limit) {
        return share > limit
                ? Sentence.of(
                                "{share} of the fat is cocoa butter, over {limit}: it will stay"
                                        + " soft and bloom. Keep bowls, tools and scrapings"
                                        + " apart.")
                        .with("share", share, Unit.PERCENT)
                        .with("limit", limit, Unit.PERCENT)
                : Sentence.of(
                                "{share} of the fat is cocoa butter, within {limit}. No temper: melt"
                                        + " to {work} and use it.")
                        .with("share", share, Unit.PERCENT)
                        .with("limit", limit, Unit.PERCENT)
                        .with("work", 40, Unit.CELSIUS);
    }

    private static List<Sentence> cautions(final boolean lauric, final boolean staysSoft) {
        final Sentence cut =
                Sentence.of(
                        "It sets abruptly: cut and decorate within a minute or two; cut late,"
                                + " it cracks.");
        final Sentence soap = Sentence.of("Damp and mould turn lauric fat soapy: keep it dry.");
        // What stays soft is cut whenever it is: only the coating by itself sets all at once.
        return Stream.of(
                        staysSoft ? Stream.<Sentence>empty() : Stream.of(cut),
                        lauric ? Stream.of(soap) : Stream.<Sentence>empty())
                .flatMap(s -> s)
                .toList();
    }
}
