package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import org.junit.jupiter.api.Test;

class TwoScreensTest {

    private final House house = House.shared();

    @Test
    void theSecondScreenFollowsTheFirst() {
        try (Screen bench = Screen.open();
                Screen office = Screen.open()) {
            bench.begin(house, "buckwheat-honey");
            office.page.navigate(bench.page.url());
            office.atStep(1, "Mould ready");

            bench.note("24.5");
            assertThat(office.page.locator(".reading .big")).containsText("24.5");
            office.done();
            bench.atStep(2, "Melt");
        }
    }
}
