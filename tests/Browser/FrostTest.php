<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The winter on the bench, the least wing, and what the site says of frost: in the browser. */
final class FrostTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    protected function tearDown(): void
    {
        $this->site->withoutWinters();
        parent::tearDown();
    }

    public function test_the_winter_comes_in_and_is_scrubbed_and_a_wing_is_found(): void
    {
        // A mild river plain, where a winter takes the fewest steps.
        $this->openBench('Weigh-house counter room');
        // A design that nobody has run a winter on yet.
        $this->type('#design-stone-thickness_m', sprintf('%.1f mm', 150 + random_int(1, 499) / 10));
        $this->awaitSaved();
        self::assertStringContainsString('not checked', $this->text('#frost-core .word'));
        $this->site->withWinters();
        $this->click('.overlay-kinds [value=frost] + span');
        $this->awaitThat(
            fn (): bool => str_contains($this->text('#frost-core'), 'away from the ground under the bearing'),
            'the winter is run',
        );
        $this->awaitThat(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('.overlay .ice')) !== [],
            'the frozen ground is drawn',
        );
        self::assertMatchesRegularExpression('~^\d+ (Dec|Jan|Feb|Mar)$~u', $this->text('.overlay-date'));
        self::assertStringContainsString('away from the ground under the bearing', $this->text('.overlay-read'));
        $this->browser->executeScript(
            'const year = document.querySelector(".overlay-year input"); year.value = 200; year.dispatchEvent(new Event("input", { '
                .'bubbles: true }));',
        );
        $this->awaitThat(fn (): bool => str_contains($this->text('.overlay-read'), 'nothing is frozen'), 'in July');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('.overlay .ice')));
        $this->awaitThat(fn (): bool => ! str_contains($this->text('#frost-core'), 'still to be run'), 'set back and without heat too');
        self::assertMatchesRegularExpression('~without heat\s+[+−]\d+~u', $this->text('#frost-core'));
        $this->assertAccessible();

        $this->browser->executeScript('document.querySelector("#frost-core a[href$=\'#wing\']").click()');
        $this->awaitThat(fn (): bool => str_contains($this->browser->getCurrentURL(), '/studies'), 'the page of wings');
        $this->click('form[action$="/wing"] .go');
        $this->awaitThat(fn (): bool => str_contains($this->text('#wing-result'), 'Worked out'), 'the search is over');
        self::assertStringContainsString('limit met', $this->text('.data-tries'));
        $this->assertAccessible();
        $this->click('#wing-result form .go');
        $this->awaitThat(
            fn (): bool => str_contains($this->text('.job'), 'Weigh-house') && $this->seen('.bench'),
            'it is opened as an option',
        );
        self::assertStringContainsString('chosen 1', $this->text('#bench-options a[aria-current]'));
    }

    public function test_a_climate_is_taken_from_a_file(): void
    {
        $this->open('/projects/7/site#known');
        $file = $this->site->folder.'/weather.csv';
        file_put_contents($file, "month,mean_c\n2001-01,-3\n2001-03,2\n");
        $this->find('#climate-file')->sendKeys($file);
        $this->click('.site-import');
        $this->awaitThat(
            fn (): bool => str_contains($this->text('body'), 'found 2001-03; allowed: 2001-02'),
            'a gap is said with its line',
        );
        $months = implode(
            '',
            array_map(static fn (int $m): string => sprintf("2001-%02d,%.1f\n", $m, 8 - 12 * cos(2 * M_PI * ($m - 1) / 12)), range(1, 12)),
        );
        file_put_contents($file, "month,mean_c\n".$months);
        $this->find('#climate-file')->sendKeys($file);
        $this->click('.site-import');
        $this->awaitThat(fn (): bool => str_contains($this->text('body'), 'Taken in: “weather”'), 'taken in');
        self::assertSame('-4 °C', str_replace("\u{a0}", ' ', $this->value('#site-climate-monthly_mean_c-0')));
    }
}
