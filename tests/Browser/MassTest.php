<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

/** The glasshouse floor tells its story: by the hour, under one cursor, beside another floor, and on a phone. */
final class MassTest extends BrowserTestCase
{
    /** In one go: what the bench still waits for may swap the link between finding it and pressing it. */
    private function openStory(): void
    {
        $this->browser->executeScript('document.querySelector("#mass-core a").click()');
    }

    public function test_the_floor_tells_its_story(): void
    {
        $this->signIn();
        $this->openBench('Orchard glasshouse floor');
        // A slab that nobody has simulated before.
        $this->type('#design-slab-thickness_m', sprintf('%.1f mm', 170 + random_int(0, 299) / 10));
        $this->awaitSaved();
        $this->awaitThat(
            fn (): bool => str_contains($this->text('#mass-core .mass-found'), 'Without heating'),
            'the hours come onto the bench by themselves',
        );
        self::assertMatchesRegularExpression(
            '~16\x{a0}°C: .*10\x{a0}°C: .*5\x{a0}°C: ~su',
            (string) $this->browser->executeScript('return document.getElementById("mass-line-title").textContent'),
        );
        $this->openStory();
        $this->awaitText('h1', 'What the floor stores');
        $this->awaitThat(fn (): bool => $this->many('.mass-plot canvas') === 3, 'three plots');
        $this->assertAccessible();
        $this->click('[data-question=surplus-power] button');
        $this->awaitThat(fn (): bool => $this->text('.mass-shown') === 'Surplus power into the floor', 'another question');
        // Once it is told nothing is fetched any more, and what was picked stays.
        $this->browser->executeScript('document.activeElement.blur()');
        self::assertFalse($this->seen('[data-pending]'), 'nothing is asked for again');
        self::assertSame('Surplus power into the floor', $this->text('.mass-shown'));
        self::assertSame('true', $this->attribute('[data-question=surplus-power] button', 'aria-pressed'));
        $this->awaitThat(fn (): bool => str_contains($this->text('.mass-film output'), 'day 1'), 'the first hour');
        $cold = $this->browser->executeScript('return document.querySelector(".mass-strip rect").getAttribute("fill")');
        $held = $this->text('.mass-plots figure:last-child .u-legend');
        $this->browser->executeScript(
            'const hour = document.getElementById("mass-hour"); hour.value = 30; hour.dispatchEvent(new Event("input", { bubbles: true }))',
        );
        $this->awaitThat(fn (): bool => $this->text('.mass-film output') === 'day 2, 7:00', 'the hour that is slid to');
        self::assertNotSame(
            $cold,
            $this->browser->executeScript('return document.querySelector(".mass-strip rect").getAttribute("fill")'),
            'the floor is warmer',
        );
        $this->awaitThat(fn (): bool => $this->text('.mass-plots figure:last-child .u-legend') !== $held, 'the plots follow');
        // The pointer over one plot moves all.
        $this->browser->executeScript('document.querySelector(".mass-plot").scrollIntoView({ block: "center" })');
        $this->browser->action()->moveToElement($this->find('.mass-plots figure:first-child .u-over'), 60, 0)->perform();
        $this->awaitThat(fn (): bool => $this->text('.mass-film output') !== 'day 2, 7:00', 'the hour under the pointer');
        $this->click('.mass-film button');
        $this->awaitThat(fn (): bool => $this->text('.mass-film button') === 'Stop', 'it runs');
        $this->click('.mass-film button');
        $this->click('[data-question=year] button');
        $this->awaitThat(fn (): bool => preg_match('~^\d+ [A-Z][a-z]{2}$~', $this->text('.mass-film output')) === 1, 'dates of the year');
    }

    public function test_two_floors_are_held_against_each_other(): void
    {
        $this->signIn();
        $this->openBench('Orchard glasshouse floor');
        $this->openStory();
        $this->awaitText('h1', 'What the floor stores');
        $this->awaitThat(fn (): bool => $this->many('.mass-plot canvas') === 3, 'three plots');
        $this->at(
            WebDriverBy::id('beside'),
            static fn (RemoteWebElement $options) => (new WebDriverSelect($options))->selectByVisiblePartialText('B · boards on top'),
        );
        $this->click('.mass-beside button');
        $this->awaitThat(fn (): bool => $this->many('.mass-other') > 5, 'the other floor answers too');
        $this->awaitThat(
            fn (): bool => str_contains($this->text('.mass-plots'), 'rooms, B · boards on top, screed'),
            'and is drawn beside it',
        );
        self::assertStringContainsString('The heated floor, B · boards on top, screed', $this->text('#main'));
    }

    public function test_on_a_phone_and_what_is_too_hot_is_refused(): void
    {
        $this->provoked = '~status of 422~';
        $this->site->size(390, 844);
        $this->signIn();
        $this->openBench('Weigh-house counter room');
        $this->type('#design-heating-supply_c', '90');
        $this->awaitThat(fn (): bool => str_contains($this->text('#bench-log'), 'Allowed: 20 °C to 65 °C.'), 'said at its field');
        self::assertSame('90', $this->value('#design-heating-supply_c'));
        $this->type('#design-heating-supply_c', '60');
        $this->awaitThat(
            fn (): bool => str_contains($this->text('#bench-findings'), 'A heated floor is nowhere warmer'),
            'too warm for feet',
        );
        $this->awaitThat(fn (): bool => str_contains($this->text('#mass-core h2'), 'fails'), 'and its core says so');
        $this->click('#row-heating .log-sheet-head button');
        $this->click('[value="remedy:floor-surface-cool"]');
        $this->awaitThat(fn (): bool => $this->value('#design-heating-supply_c') !== '60 °C', 'cooler water');
        $this->awaitThat(fn (): bool => ! str_contains($this->text('#mass-core h2'), 'fails'), 'and it holds');
        $this->openStory();
        $this->awaitText('h1', 'What the floor stores');
        $this->awaitThat(fn (): bool => $this->many('.mass-plot canvas') === 3, 'three plots');
        self::assertSame(
            390,
            $this->browser->executeScript('return document.documentElement.scrollWidth'),
            'nothing runs out of the phone',
        );
        $this->assertAccessible();
    }
}
