package palintone.server.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.core.figure.OutOfRangeException;
import tools.jackson.databind.json.JsonMapper;

/** After RFC 8428; examples in the manner of its section 5. */
class SenMlTest {

    private static final Instant NOW = Instant.parse("2026-11-23T10:00:00Z");

    private static SenMl.Pack read(final String json) {
        return SenMl.read(new JsonMapper().readTree(json), NOW, probe -> NOW);
    }

    private static List<String> why(final String json) {
        return read(json).rejected().stream().map(SenMl.Rejected::why).toList();
    }

    @Test
    void oneReadingNow() {
        final SenMl.Pack pack =
                read("[{\"n\":\"urn:dev:ow:10e2073a01080063\",\"u\":\"Cel\",\"v\":23.1}]");
        assertThat(pack.rejected()).isEmpty();
        assertThat(pack.readings())
                .containsExactly(new SenMl.Reading("urn:dev:ow:10e2073a01080063", NOW, 23.1));
    }

    @Test
    void baseFieldsAreCarriedOn() {
        final SenMl.Pack pack =
                read(
                        "[{\"bn\":\"bench:\",\"bt\":1795000000.5,\"bu\":\"Cel\",\"bv\":30},"
                                + "{\"n\":\"a\",\"t\":-5,\"v\":1.5},{\"n\":\"a\",\"v\":1.7},"
                                + "{\"bn\":\"store:\",\"n\":\"b\",\"t\":2,\"v\":-14}]");
        assertThat(pack.readings()).hasSize(3);
        final SenMl.Reading first = pack.readings().get(0);
        assertThat(first.probe()).isEqualTo("bench:a");
        assertThat(first.celsius()).isCloseTo(31.5, within(1e-9));
        assertThat(first.at()).isEqualTo(Instant.ofEpochMilli(1_794_999_995_500L));
        assertThat(pack.readings().get(2).probe()).isEqualTo("store:b");
        assertThat(pack.readings().get(2).at()).isEqualTo(Instant.ofEpochMilli(1_795_000_002_500L));
    }

    /** Values below 2^28 are seconds from now. */
    @Test
    void smallTimesAreRelative() {
        assertThat(read("[{\"n\":\"a\",\"u\":\"Cel\",\"t\":-60,\"v\":31}]").readings().get(0).at())
                .isEqualTo(NOW.minusSeconds(60));
    }

    @Test
    void kelvinIsTurned() {
        assertThat(read("[{\"n\":\"a\",\"u\":\"K\",\"v\":304.65}]").readings().get(0).celsius())
                .isCloseTo(31.5, within(1e-9));
    }

    @Test
    void eachRejectedRecordIsNumberedAndExplained() {
        final SenMl.Pack pack =
                read(
                        "[{\"n\":\"a\",\"u\":\"Cel\",\"v\":31},{\"n\":\"a\",\"u\":\"%RH\",\"v\":52},3]");
        assertThat(pack.readings()).hasSize(1);
        assertThat(pack.rejected())
                .containsExactly(
                        new SenMl.Rejected(2, "unit is \"%RH\"; allowed: Cel, K"),
                        new SenMl.Rejected(3, "not a record"));
    }

    @Test
    void everyKindOfRubbishHasItsReason() {
        assertThat(why("[{\"u\":\"Cel\",\"v\":3}]"))
                .containsExactly("name is missing or longer than 120 characters");
        assertThat(why("[{\"n\":\"" + "x".repeat(121) + "\",\"u\":\"Cel\",\"v\":3}]")).hasSize(1);
        assertThat(why("[{\"n\":\"a\",\"u\":\"Cel\"}]")).containsExactly("no numeric value v");
        assertThat(why("[{\"n\":\"a\",\"u\":\"Cel\",\"v\":true}]"))
                .containsExactly("v is not a number");
        assertThat(why("[{\"n\":\"a\",\"u\":\"Cel\",\"v\":3,\"t\":\"noon\"}]"))
                .containsExactly("t is not a number");
        assertThat(why("[{\"bt\":\"noon\",\"n\":\"a\",\"u\":\"Cel\",\"v\":3}]"))
                .containsExactly("bt is not a number");
        assertThat(why("[{\"n\":\"a\",\"u\":\"Cel\",\"v\":3,\"t\":1e15}]"))
                .containsExactly("time is out of this century");
    }

    @Test
    void whatIsNoPackIsRefusedWhole() {
        assertThatThrownBy(() -> read("{\"n\":\"a\"}"))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("pack is not a list");
        final String many = "[" + "{},".repeat(10_000) + "{}]";
        assertThatThrownBy(() -> read(many)).hasMessageContaining("10001 records");
    }

    /** A record with base fields only says nothing and is no fault. */
    @Test
    void aBaseRecordAloneIsSilent() {
        final SenMl.Pack pack = read("[{\"bn\":\"a\",\"bu\":\"Cel\"}]");
        assertThat(pack.readings()).isEmpty();
        assertThat(pack.rejected()).isEmpty();
    }

    /** Each by itself: one device with a wrong clock or a broken sensor keeps nobody else out. */
    @Test
    void futureAndImpossibleValuesAreRefusedByThemselves() {
        final long now = NOW.getEpochSecond();
        final SenMl.Pack pack =
                read(
                        "[{\"n\":\"ahead\",\"u\":\"Cel\",\"t\":"
                                + (now + 3600)
                                + ",\"v\":31},{\"n\":\"broken\",\"u\":\"Cel\",\"t\":"
                                + now
                                + ",\"v\":1e999},{\"n\":\"fine\",\"u\":\"Cel\",\"t\":"
                                + (now + 30)
                                + ",\"v\":31.4}]");
        assertThat(pack.readings()).extracting(SenMl.Reading::probe).containsExactly("fine");
        assertThat(pack.rejected()).extracting(SenMl.Rejected::record).containsExactly(1, 2);
        assertThat(pack.rejected().get(0).why()).contains("future");
        assertThat(pack.rejected().get(1).why()).contains("no temperature");
    }
}
