<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

/** Damp on the bench, and an inspection on a phone. */
final class DampTest extends BrowserTestCase
{
    public function test_the_sheet_is_moved_and_the_verdict_changes(): void
    {
        $this->signIn();
        $this->openBench('Ferry kiosk');
        $this->clickLinkWith('With a rubber floor');
        $this->awaitThat(fn (): bool => str_contains($this->text('#bench-options [aria-current]'), 'rubber'), 'the option');
        self::assertStringContainsString('fails', $this->text('#damp-core h2'));
        // Long enough for the slab: what is left is the rain among the boards.
        $this->type('#design-finish-wait_days', '20 months');
        $this->awaitThat(fn (): bool => $this->value('#design-finish-wait_days') === '609 days', 'the wait, in days');
        $this->awaitThat(fn (): bool => str_contains($this->text('#damp-core .damp-found'), 'Rain among the boards'), 'the trap is said');
        self::assertStringContainsString('fails', $this->text('#damp-core h2'));
        $this->choose('#design-sheet-position', 'above');
        $this->awaitThat(fn (): bool => ! str_contains($this->text('#damp-core h2'), 'fails'), 'another word');
        self::assertStringContainsString(
            'limit met',
            $this->textAt('//section[@id="damp-core"]//tr[contains(., "water built in")]'),
        );
        $this->awaitSaved();
        $this->click('#undo');
        $this->awaitThat(fn (): bool => str_contains($this->text('#damp-core h2'), 'fails'), 'and back');
    }

    public function test_vapour_and_water_lie_over_the_section_and_the_remedy_is_pressed(): void
    {
        $this->signIn();
        $this->openBench('Old bakery cellar');
        $this->clickLinkWith('B · wool');
        $this->awaitThat(fn (): bool => str_contains($this->text('#bench-options [aria-current]'), 'wool'), 'the option');
        $this->awaitThat(fn (): bool => str_contains($this->text('#damp-core .damp-found'), 'mineral wool'), 'the field is there');
        $this->click('.overlay-kinds label:has([value=vapour])');
        $this->awaitThat(fn (): bool => $this->seen('.overlay .vapour-now'), 'the chart');
        $this->at(
            WebDriverBy::id('overlay-stack'),
            static fn (RemoteWebElement $stacks) => (new WebDriverSelect($stacks))->selectByVisibleText('Wall, half-way down: fails'),
        );
        $this->awaitThat(
            fn (): bool => str_contains($this->text('.overlay .vapour-head'), 'Wall, half-way down'),
            'the stack that is picked',
        );
        $read = $this->text('.overlay-read');
        self::assertMatchesRegularExpression('~\d+ g/m² lies in it at the end of~u', $read);
        $this->browser->executeScript(
            'const y = document.querySelector(".overlay-year input"); y.value = 270; y.dispatchEvent(new Event("input", { bubbles: '
                .'true }))',
        );
        $this->awaitThat(fn (): bool => $this->text('.overlay-read') !== $read, 'another month, another amount');
        $this->clickLinkWith('Whole section');
        $this->click('.overlay-kinds label:has([value=water])');
        $this->awaitThat(fn (): bool => $this->isShown('.section-drawing .condensation'), 'drops');
        self::assertFalse($this->isShown('.section-drawing .dimension'));
        $this->click('[value="remedy:stacks-stay-dry"]');
        $this->awaitThat(fn (): bool => $this->value('#design-lining-layers-1-material') === 'xps-25psi', 'board in place of wool');
        $this->awaitThat(
            fn (): bool => str_contains(
                $this->textAt('//section[@id="damp-core"]//tr[contains(., "vapour in the layers")]'),
                'limit met',
            ),
            'and it holds',
        );
    }

    public function test_a_damp_place_is_looked_at_on_a_phone(): void
    {
        $this->site->size(390, 844);
        $this->signIn('Wen Dijker');
        $this->open('/');
        $this->clickLink('Old bakery cellar');
        $this->awaitText('.job', 'Old bakery cellar');
        $this->clickLink('Inspections');
        $this->awaitText('h1', 'Damp places');
        $this->clickLink('Look at one');
        $this->awaitText('h1', 'A damp place');
        $this->type('#place', 'Under the stair window');
        $this->type('#on', 'yesterday');
        foreach (['after-rain', 'one-patch', 'gutter', 'crack-wide'] as $sign) {
            $tick = $this->find(".tick:has([value={$sign}])");
            self::assertGreaterThanOrEqual(44, $tick->getSize()->getHeight(), 'large enough for a thumb');
            $tick->click();
        }
        foreach (['0.3' => '14', '1.1' => '68', '1.8' => '20'] as $height => $value) {
            $row = array_search($height, ['0.3', '1.1', '1.8'], true);
            $this->type("#readings-{$row}-height_m", $height);
            $this->type("#readings-{$row}-value", $value);
        }
        $this->click('.inspect .go');
        $this->awaitText('#on-wrong', 'a date');
        self::assertSame('Under the stair window', $this->value('#place'), 'what was typed stays');
        self::assertTrue($this->find('[value=after-rain]')->isSelected());
        self::assertSame('68', $this->value('#readings-1-value'));
        $this->type('#on', '2026-03-04');
        $this->click('.inspect .go');
        $this->awaitText('.suspects', 'Coming through from outside');
        self::assertStringContainsString('structural engineer', $this->text('.specialist'));
        self::assertLessThanOrEqual(
            390,
            $this->browser->executeScript('return document.documentElement.scrollWidth'),
            'nothing runs off the side',
        );
        $this->assertAccessible();
        self::assertSame('68', $this->value('#readings-1-value'), 'the readings are kept');
    }
}
