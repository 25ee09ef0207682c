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
            house.says("is started again: nothing acknowledged is lost");
            screen.page.navigate(house.whenOpen(address));
            assertThat(screen.title()).hasText("Cast");
            final double away = (System.nanoTime() - killedAt) / 1e9;
            // the clock went on while nobody served it
            assertThat((double) beganBefore - secondsOnClock(screen)).isBetween(away - 3, away + 3);
            screen.page.getByText("Undo").click();
            assertThat(screen.title()).hasText("Test");
            screen.done();

            house.killHard("mariadbd");
            house.ends();
            assertThat(house.exitCode()).isNotZero();
            assertThat(house.said()).contains("the database ended by itself");
            house.start();
            screen.page.navigate(address);
            assertThat(screen.title()).hasText("Cast");
            screen.note("28");
            assertThat(screen.page.locator(".reading .state")).hasText("in band");
        }
    }

    /** The other house has a process of its own: what befalls it the first does not feel. */
    @Test
    void theOtherHouseIsEnteredAndEndsAndComesBackWhileTheFirstGoesOn() {
        final House house = House.shared();
        try (Screen first = Screen.open();
                Screen other = Screen.open()) {
            first.begin(house, "sesame-crackle");
            other.page.navigate(house.otherUrl("/begin"));
            assertThat(other.page.getByText("This is your own workshop.")).isVisible();
            house.killHard("other");
            first.note("23.5");
            assertThat(first.page.locator(".reading .state")).hasText("in band");
            house.says("is started again: nothing acknowledged is lost");
            other.page.navigate(house.whenOpen(house.otherUrl("/begin")));
            assertThat(other.page.getByText("This is your own workshop.")).isVisible();
            assertThat(first.faults()).isEmpty();
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
