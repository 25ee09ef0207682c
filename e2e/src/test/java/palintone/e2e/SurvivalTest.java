package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Power cuts, as far as a test can make them. */
class SurvivalTest {

    @Test
    void aBatchStandsWhereItStoodAfterBothProcessesWereKilled() {
        try (House house = House.open();
                Screen screen = Screen.open()) {
            screen.begin(house, "gooseberry-ivory");
            screen.note("24.1");
            assertThat(screen.page.locator(".reading .big")).containsText("24.1");
            screen.until("Cast");
            final long beganBefore = secondsOnClock(screen);
            final String address = screen.page.url();

            final long killedAt = System.nanoTime();
            house.killHard("server");
            assertThat(house.exitCode()).isNotZero();
            assertThat(house.said()).contains("the server ended by itself");
            house.start();
            screen.page.navigate(address);
            assertThat(screen.title()).hasText("Cast");
            final double away = (System.nanoTime() - killedAt) / 1e9;
            // the clock went on while nobody served it
            assertThat((double) beganBefore - secondsOnClock(screen)).isBetween(away - 3, away + 3);
            screen.page.getByText("Undo").click();
            assertThat(screen.title()).hasText("Test");
            screen.done();

            house.killHard("mariadbd");
            assertThat(house.said()).contains("the database ended by itself");
            house.start();
            screen.page.navigate(address);
            assertThat(screen.title()).hasText("Cast");
            screen.note("28");
            assertThat(screen.page.locator(".reading .state")).hasText("in band");
        }
    }

    /** Seconds left to the target; negative once it is past. */
    private static long secondsOnClock(final Screen screen) {
        final String text = screen.page.locator(".clock .left").textContent().strip();
        final String[] parts = text.replace("+", "").split(":");
        final long seconds = Long.parseLong(parts[0]) * 60 + Long.parseLong(parts[1]);
        return text.startsWith("+") ? -seconds : seconds;
    }
}
