<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Ondergrond\Exchange\ProjectFile;

/** The first day with the program, walked through. */
final class WholeSliceTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function test_a_board_is_changed_and_everything_follows(): void
    {
        $this->openBench('Dyke Lane boathouse');
        $this->put('inch-pound');
        $year = $this->text('#heating');
        $day = $this->text('#design-day');
        $u = $this->text('#u-value');
        $months = $this->text('.core-months');
        $board = $this->path('field_board');
        self::assertStringContainsString('without insulation', $this->text('.core-figures'));

        $this->type('#design-field_board-thickness_m', '3 1/2');
        $this->awaitSaved();
        self::assertLessThan((float) $year, (float) $this->text('#heating'));
        self::assertLessThan((float) $day, (float) $this->text('#design-day'));
        self::assertLessThan((float) $u, (float) $this->text('#u-value'));
        self::assertNotSame($months, $this->text('.core-months'));
        self::assertNotSame($board, $this->path('field_board'));
        self::assertSame("3 1/2\u{a0}in", $this->attribute('#design-field_board-thickness_m', 'value'));

        $thicker = $this->text('#heating');
        $this->choose('#design-field_board-material', 'eps-15psi');
        $this->awaitSaved();
        self::assertGreaterThan((float) $thicker, (float) $this->text('#heating'));

        $this->put('metric');
        self::assertSame("88.9\u{a0}mm", $this->attribute('#design-field_board-thickness_m', 'value'));
        self::assertStringContainsString('kWh', $this->text('.core-figures'));
        self::assertStringContainsString('mm', $this->property('#bench-drawing svg', 'textContent'));
        $this->browser->navigate()->refresh();
        self::assertSame("88.9\u{a0}mm", $this->attribute('#design-field_board-thickness_m', 'value'), 'it was saved');
    }

    public function test_a_part_picked_on_the_drawing_is_found_in_the_log(): void
    {
        $this->openBench('Dyke Lane boathouse');
        foreach (['edge_under', 'field_board', 'sheet'] as $part) {
            $this->click("#bench-drawing g.flag[data-part='{$part}']");
            self::assertSame("design-{$part}-thickness_m", $this->browser->switchTo()->activeElement()->getAttribute('id'));
            self::assertTrue($this->seen(".log-row.lit[data-part='{$part}']"), 'its row is lit');
            self::assertFalse($this->seen(".log-row.lit:not([data-part='{$part}'])"), 'and no other');
        }
    }

    public function test_an_unfolded_part_of_the_log_stays_open_while_it_is_edited(): void
    {
        $this->openBench('Dyke Lane boathouse');
        $year = $this->text('#heating');
        $this->click('#row-wall summary');
        $this->type('#design-wall-outside-0-thickness_m', '90 mm');
        $this->awaitSaved();
        self::assertNotSame($year, $this->text('#heating'), 'w is part of the sum');
        self::assertTrue($this->seen('#row-wall[open]'));
        self::assertFalse($this->seen('#log-footprint[open]'));
        self::assertSame(
            'remove:wall.outside:0',
            $this->browser->switchTo()->activeElement()->getAttribute('value'),
            'the cursor is at what comes next',
        );
    }

    public function test_without_scripts_the_form_still_works(): void
    {
        $tools = new ChromeDevToolsDriver($this->browser);
        $tools->execute('Emulation.setScriptExecutionDisabled', ['value' => true]);
        try {
            $this->openBench('Toll-house reading room');
            $year = $this->text('#heating');
            $this->type('#design-field_board-thickness_m', '40 m', WebDriverKeys::ENTER);
            $this->awaitText('#design-field_board-thickness_m-wrong', 'Allowed: 0');
            $this->type('#design-field_board-thickness_m', '20 mm');
            $this->click('noscript button');
            $this->awaitThat(fn (): bool => $this->text('#heating') !== $year, 'another sum');
            self::assertGreaterThan((float) $year, (float) $this->text('#heating'));
        } finally {
            $tools->execute('Emulation.setScriptExecutionDisabled', ['value' => false]);
        }
    }

    public function test_bad_input_is_answered_at_its_field(): void
    {
        $this->provoked = '~status of 422~';
        $this->openBench('Ferry kiosk');
        $year = $this->text('#heating');
        $this->type('#design-edge_under-thickness_m', '40 m');
        $this->awaitThat(fn (): bool => $this->seen('#design-edge_under-thickness_m-wrong'), 'the message');
        self::assertStringContainsString('Allowed: 0', $this->text('#design-edge_under-thickness_m-wrong'));
        self::assertSame('40 m', $this->attribute('#design-edge_under-thickness_m', 'value'), 'what was typed stays');
        self::assertSame($year, $this->text('#heating'), 'what was saved stays');
        $this->awaitThat(fn (): bool => str_contains($this->text('.log-state'), 'Not saved'), 'the word that it is not saved');
        $this->assertAccessible();

        $this->type('#design-edge_under-thickness_m', '80', WebDriverKeys::ENTER);
        $this->awaitSaved();
        self::assertFalse($this->seen('#design-edge_under-thickness_m-wrong'));
        self::assertSame("80\u{a0}mm", $this->attribute('#design-edge_under-thickness_m', 'value'));
    }

    public function test_a_slip_mended_before_the_answer_comes_is_saved(): void
    {
        $this->provoked = '~status of 422~';
        $this->openBench('Ferry kiosk');
        $slow = new ChromeDevToolsDriver($this->browser);
        $slow->execute('Network.enable');
        $slow->execute(
            'Network.emulateNetworkConditions',
            ['offline' => false, 'latency' => 400, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
        try {
            $this->type('#design-slab-thickness_m', '40 m', WebDriverKeys::ENTER);
            $this->type('#design-slab-thickness_m', '140', WebDriverKeys::ENTER);
            $this->awaitThat(fn (): bool => $this->value('#design-slab-thickness_m') === '140 mm', 'the mended size');
            $this->awaitSaved();
            self::assertFalse($this->seen('#design-slab-thickness_m-wrong'));
        } finally {
            $slow->execute(
                'Network.emulateNetworkConditions',
                ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
            );
        }
    }

    public function test_quick_edits_in_a_row_all_arrive(): void
    {
        $this->openBench('Ferry kiosk');
        foreach ([
            '#design-slab-thickness_m' => '120',
            '#design-field_board-thickness_m' => '70',
            '#design-stone-thickness_m' => '200',
            '#design-edge_inside-thickness_m' => '60',
        ] as $field => $words) {
            $this->type($field, $words);
        }
        $this->awaitSaved();
        $this->browser->navigate()->refresh();
        $shown = array_map(
            fn (string $part): string => str_replace(
                "\u{a0}mm",
                '',
                $this->attribute("#design-{$part}-thickness_m", 'value'),
            ),
            ['slab', 'field_board', 'stone', 'edge_inside'],
        );
        self::assertSame(['120', '70', '200', '60'], $shown);
    }

    public function test_a_project_of_ones_own_out_and_in_again(): void
    {
        $this->open('/projects/create');
        $this->find('#name')->sendKeys('Ferryman’s boiler house');
        $this->click('.start-climate summary');
        $this->choose('#climate', 'snowy-upland');
        $this->click('.start-what summary');
        $this->find('#footprint-area_m2')->sendKeys('48,5');
        $this->find('#footprint-perimeter_m')->sendKeys('28 m');
        $this->click('.start .go');
        $this->awaitText('.job', 'Ferryman’s boiler house');
        self::assertGreaterThan(0, (float) $this->text('#heating'));
        $year = $this->text('#heating');

        $this->clickLink('Project, JSON');
        $file = $this->site->folder.'/downloads/ferrymans-boiler-house.json';
        $this->awaitThat(fn (): bool => is_file($file), 'the exported file');
        $json = (string) file_get_contents($file);

        $this->open('/');
        $this->clickAt('//li[contains(., "boiler house")]//button');
        $this->awaitText('.said', 'is in the trash');
        self::assertStringNotContainsString('boiler house', $this->text('.jobs'));

        $this->find('#file')->sendKeys($file);
        $this->click('.import button');
        $this->awaitText('.said', 'is imported');
        self::assertSame($year, $this->text('#heating'));
        unlink($file);
        $this->clickLink('Project, JSON');
        $this->awaitThat(fn (): bool => is_file($file), 'the file exported again');
        [$before, $after] = [ProjectFile::read($json), ProjectFile::read((string) file_get_contents($file))];
        self::assertNotSame($before->id, $after->id, 'another project, of the same options');
        self::assertEquals([$before->name, $before->site, $before->options], [$after->name, $after->site, $after->options]);
    }

    public function test_the_other_pages_stand(): void
    {
        $this->openBench('Toll-house reading room');
        $this->clickLink('Site');
        $this->awaitText('h1', 'Site');
        $this->type('#site-climate-monthly_mean_c-0', '-6,5');
        $this->awaitThat(fn (): bool => $this->text('[data-said]') === 'saved', 'saved');
        self::assertSame('-6.5 °C', $this->attribute('#site-climate-monthly_mean_c-0', 'value'));
        $this->open('/materials');
        self::assertStringContainsString('Stone wool board', $this->text('.data'));
    }

    public function test_a_phone_shows_it_all_in_one_column(): void
    {
        $this->site->size(390, 800);
        $this->openBench('Dyke Lane boathouse');
        $wide = $this->browser->executeScript('return document.documentElement.scrollWidth;');
        self::assertLessThanOrEqual(390, $wide);
        self::assertTrue($this->isShown('.cell[data-core=load]'));
    }

    private function put(string $units): void
    {
        $this->click("#units button[value='{$units}']");
        $this->awaitThat(fn (): bool => $this->seen("#units button[value='{$units}'][aria-pressed='true']"), "{$units} units");
        $this->awaitThat(fn (): bool => $this->browser->executeScript('return document.readyState;') === 'complete', 'the page');
    }

    private function path(string $part): string
    {
        return $this->attribute("#bench-drawing svg .area[data-part='{$part}']", 'd');
    }
}
