package palintone.core.filling.read;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;

/** Recipes as people write them, with what a maker would take from them, and how far we do. */
final class WrittenCorpus {

    private static final Set<OperationKind> HEATS =
            Set.of(
                    OperationKind.BOIL,
                    OperationKind.HEAT,
                    OperationKind.COOK_FRUIT,
                    OperationKind.COOK_SUGAR,
                    OperationKind.CARAMELISE,
                    OperationKind.TEMPER_YOLKS);

    /** So near a number is the number, share. */
    private static final double NEAR = 0.005;

    final List<String> faults = new ArrayList<>();
    int texts;
    int amounts;
    int amountsRight;
    int operations;
    int operationsRight;
    int operationsAsked;
    int heats;
    int heatsRight;
    int invented;

    private WrittenCorpus() {}

    static WrittenCorpus of(final String file) {
        final WrittenCorpus corpus = new WrittenCorpus();
        try (InputStream in = WrittenCorpus.class.getResourceAsStream("/written/" + file)) {
            for (final String entry :
                    new String(in.readAllBytes(), StandardCharsets.UTF_8).split("(?m)^=== ")) {
                if (!entry.isBlank()) {
                    corpus.check(entry);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return corpus;
    }

    private void check(final String entry) {
        texts++;
        final String name = entry.substring(0, entry.indexOf('\n')).strip();
        final String[] halves = entry.substring(entry.indexOf('\n') + 1).split("(?m)^---\n");
        final String[] wanted = halves[1].strip().split("\n");
        final WrittenRecipe read;
        try {
            read = WrittenRecipe.read(halves[0]);
        } catch (OutOfRangeException e) {
            if (!wanted[0].equals("!")) {
                faults.add(name + ": refused, " + e.getMessage());
                amounts += wanted[0].split(";").length;
                operations += wanted.length > 1 ? wanted[1].split(";").length : 0;
            }
            return;
        }
        if (wanted[0].equals("!")) {
            // Nothing can be made of it: then nothing may be lost.
            if (read.unused().isEmpty()) {
                faults.add(name + ": read, and nothing said to be left over");
            }
            return;
        }
        lines(name, wanted[0], read);
        doings(name, wanted[1], read);
    }

    private void lines(final String name, final String wanted, final WrittenRecipe read) {
        final List<WrittenLine> there = new ArrayList<>();
        read.doings().forEach(d -> there.addAll(d.lines()));
        for (final String line : wanted.split(";")) {
            amounts++;
            final String[] words = line.strip().split(" ", 3);
            final double amount = Double.parseDouble(words[0]);
            final var found =
                    there.stream()
                            .filter(
                                    l ->
                                            near(l.amount(), inUnit(amount, words[1], l))
                                                    && holds(l.words(), words[2]))
                            .findFirst();
            if (found.isPresent()) {
                there.remove(found.get());
                amountsRight++;
            } else {
                faults.add(name + ": no line " + line.strip() + " in " + said(read));
            }
        }
        there.forEach(l -> faults.add(name + ": a line too many, " + l));
    }

    private static double inUnit(final double amount, final String unit, final WrittenLine line) {
        if (unit.equals("stick")) {
            return line.unit().symbol().equals("oz") ? amount * 4 : Double.NaN;
        }
        return line.unit().symbol().equals(unit) ? amount : Double.NaN;
    }

    private static boolean holds(final String words, final String wanted) {
        for (final String word : wanted.split(" ")) {
            if (!words.toLowerCase(Locale.ROOT).contains(word)) {
                return false;
            }
        }
        return true;
    }

    private static boolean near(final double is, final double wanted) {
        return Math.abs(is - wanted) <= NEAR * Math.max(1, Math.abs(wanted));
    }

    /** In order, as many as can be found; heat steps besides must be right or asked. */
    private void doings(final String name, final String wanted, final WrittenRecipe read) {
        final String[] each = wanted.split(";");
        final List<WrittenRecipe.Doing> is = read.doings();
        final int[][] common = new int[each.length + 1][is.size() + 1];
        for (int i = each.length - 1; i >= 0; i--) {
            for (int k = is.size() - 1; k >= 0; k--) {
                common[i][k] =
                        is(each[i], is.get(k))
                                ? common[i + 1][k + 1] + 1
                                : Math.max(common[i + 1][k], common[i][k + 1]);
            }
        }
        operations += each.length;
        operationsRight += common[0][0];
        operationsAsked += Math.min(each.length - common[0][0], leftOver(each, read));
        invented += Math.max(0, is.size() - common[0][0]);
        if (common[0][0] < each.length || is.size() > each.length) {
            faults.add(name + ": wanted " + wanted + ", read " + said(read));
        }
        for (final String one : each) {
            final OperationKind kind = OperationKind.valueOf(one.strip().split(" ")[0]);
            if (!HEATS.contains(kind)) {
                continue;
            }
            heats++;
            final boolean right =
                    is.stream().anyMatch(d -> is(one, d))
                            || is.stream()
                                    .anyMatch(d -> alike(d.kind(), kind) && !d.asks().isEmpty())
                            || leftOver(one, read);
            if (right) {
                heatsRight++;
            } else {
                faults.add(name + ": heat step " + one.strip() + " neither right nor asked");
            }
        }
    }

    /** Things to do that are said to be unused, of those that were wanted. */
    private static int leftOver(final String[] wanted, final WrittenRecipe read) {
        int asked = 0;
        for (final WrittenRecipe.Unused unused : read.unused()) {
            final String text = unused.text().toLowerCase(Locale.ROOT);
            for (final String one : wanted) {
                final String verb =
                        switch (OperationKind.valueOf(one.strip().split(" ")[0])) {
                            case POUR -> "pour";
                            case ADD, EMULSIFY -> "(mix|add|stir|knead|work|put|combine|fold)";
                            case BLEND -> "blend";
                            case SIEVE -> "(sieve|strain)";
                            case REST -> "(leave|rest|stand)";
                            default -> one.strip().split(" ")[0].toLowerCase(Locale.ROOT);
                        };
                if (text.matches("(?s).*\\b" + verb + ".*")) {
                    asked++;
                    break;
                }
            }
        }
        return asked;
    }

    /** Its degrees or minutes are said to be unused: somebody is asked. */
    private static boolean leftOver(final String wanted, final WrittenRecipe read) {
        final String[] words = wanted.strip().split(" ");
        for (final WrittenRecipe.Unused unused : read.unused()) {
            final String text = unused.text().toLowerCase(Locale.ROOT);
            for (int i = 1; i < words.length; i++) {
                if (text.contains(words[i].replaceAll("[^\\d.]", "").replaceFirst("\\.0$", ""))) {
                    return true;
                }
            }
            if (words.length == 1 && text.contains(words[0].toLowerCase(Locale.ROOT))) {
                return true;
            }
        }
        return false;
    }

    private static boolean alike(final OperationKind is, final OperationKind wanted) {
        return is == wanted
                || stirs(is) && stirs(wanted)
                || boils(is) && boils(wanted)
                || warms(is) && warms(wanted);
    }

    private static boolean stirs(final OperationKind kind) {
        return kind == OperationKind.ADD
                || kind == OperationKind.EMULSIFY
                || kind == OperationKind.FOLD;
    }

    /** Yolks whisked in before are heated by "heat": the two do the same. */
    private static boolean warms(final OperationKind kind) {
        return kind == OperationKind.HEAT || kind == OperationKind.TEMPER_YOLKS;
    }

    private static boolean boils(final OperationKind kind) {
        return kind == OperationKind.BOIL || kind == OperationKind.COOK_FRUIT;
    }

    private static boolean is(final String wanted, final WrittenRecipe.Doing doing) {
        final String[] words = wanted.strip().split(" ");
        if (!alike(doing.kind(), OperationKind.valueOf(words[0]))) {
            return false;
        }
        for (int i = 1; i < words.length; i++) {
            if (words[i].equals("?")) {
                if (doing.asks().isEmpty()) {
                    return false;
                }
                continue;
            }
            final String unit = words[i].replaceAll("[\\d.-]", "");
            final double value = Double.parseDouble(words[i].replace(unit, ""));
            final boolean hours = doing.kind().defaults().containsKey(OperationSetting.HOURS);
            final double is =
                    switch (unit) {
                        case "C" -> of(doing, OperationSetting.TEMPERATURE_C);
                        case "min" ->
                                hours
                                        ? of(doing, OperationSetting.HOURS) * 60
                                        : of(doing, OperationSetting.MINUTES);
                        case "h" -> of(doing, OperationSetting.HOURS);
                        case "g" -> of(doing, OperationSetting.MASS_G);
                        case "%" -> of(doing, OperationSetting.PERCENT);
                        default -> of(doing, OperationSetting.WIDTH_MM);
                    };
            if (!near(is, value)) {
                return false;
            }
        }
        return true;
    }

    private static double of(final WrittenRecipe.Doing doing, final OperationSetting setting) {
        return doing.settings().getOrDefault(setting, Double.NaN);
    }

    private static String said(final WrittenRecipe read) {
        final StringBuilder said = new StringBuilder();
        for (final WrittenRecipe.Doing doing : read.doings()) {
            said.append(doing.kind()).append(doing.settings());
            if (!doing.asks().isEmpty()) {
                said.append('?');
            }
            doing.lines()
                    .forEach(
                            l ->
                                    said.append(
                                            " [%s %s %s]"
                                                    .formatted(l.amount(), l.unit(), l.words())));
            said.append("; ");
        }
        return said + " UNUSED " + read.unused();
    }

    String table(final String title) {
        return String.format(
                Locale.ROOT,
                "%-14s %d texts: amounts %d of %d (%.1f %%), operations %d of %d (%.1f %%, %.1f %% with"
                        + " those said to be unused), heat"
                        + " steps right or asked %d of %d, operations nobody wrote %d",
                title,
                texts,
                amountsRight,
                amounts,
                100.0 * amountsRight / amounts,
                operationsRight,
                operations,
                100.0 * operationsRight / operations,
                100.0 * (operationsRight + operationsAsked) / operations,
                heatsRight,
                heats,
                invented);
    }
}
