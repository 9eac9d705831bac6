<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;

/** Two at one option, and what happens when the server is out of reach: nothing that was typed or saved is lost. */
final class TogetherTest extends BrowserTestCase
{
    private const STONE = '#design-stone-thickness_m';

    private const SLAB = '#design-slab-thickness_m';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->openBench('Toll-house reading room');
    }

    public function test_the_later_of_two_tabs_sees_what_changed_and_chooses(): void
    {
        $this->provoked = '~status of 409~';
        $here = $this->browser->getWindowHandle();
        $page = $this->browser->getCurrentURL();
        $this->browser->switchTo()->newWindow();
        try {
            $this->browser->get($page);
            $this->change(self::STONE, '275');
            $this->browser->switchTo()->window($here);

            // Another field: both can be kept.
            $this->type(self::SLAB, '130');
            $this->awaitText('.conflict', 'Stone bed, thickness');
            self::assertStringContainsString('Joost Kade', $this->text('.conflict h2'));
            self::assertStringContainsString('130 mm', $this->text('.conflict'));
            self::assertSame('130', $this->value(self::SLAB), 'what was typed stays');
            $this->assertAccessible();
            $this->click('.conflict-acts button');
            $this->awaitSaved();
            self::assertSame(['275 mm', '130 mm'], [$this->value(self::STONE), $this->value(self::SLAB)]);

            // The same field: one's own goes over the other's only when asked to.
            $this->browser->switchTo()->window($this->other($here));
            $this->browser->navigate()->refresh();
            $this->change(self::STONE, '300');
            $this->browser->switchTo()->window($here);
            $this->type(self::STONE, '325');
            $this->awaitText('.conflict', '275 mm → 300 mm');
            self::assertSame('Put mine over theirs', $this->text('.conflict-acts button'));
            $this->click('.conflict-acts a');
            $this->awaitThat(fn (): bool => $this->value(self::STONE) === '300 mm' && ! $this->seen('.conflict'), 'theirs');

            $this->browser->switchTo()->window($this->other($here));
            $this->type(self::SLAB, '140');
            $this->awaitSaved();
            $this->browser->switchTo()->window($here);
            $this->type(self::SLAB, '150');
            $this->awaitText('.conflict', '130 mm → 140 mm');
            $this->click('.conflict-acts button');
            $this->awaitThat(fn (): bool => $this->value(self::SLAB) === '150 mm', 'mine');
        } finally {
            foreach ($this->browser->getWindowHandles() as $window) {
                if ($window !== $here) {
                    $this->browser->switchTo()->window($window)->close();
                }
            }
            $this->browser->switchTo()->window($here);
        }
    }

    public function test_without_a_connection_what_was_typed_waits_and_is_saved_when_it_is_back(): void
    {
        $this->provoked = '~ERR_INTERNET_DISCONNECTED~';
        $tools = new ChromeDevToolsDriver($this->browser);
        $network = static fn (bool $offline) => $tools->execute(
            'Network.emulateNetworkConditions',
            ['offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
        $tools->execute('Network.enable');
        try {
            $network(true);
            $this->type(self::STONE, '225');
            $this->awaitText('.log-state', 'no connection');
            self::assertSame('225', $this->value(self::STONE));
            $this->assertAccessible();
        } finally {
            $network(false);
        }
        $this->awaitSaved();
        $this->browser->navigate()->refresh();
        self::assertSame('225 mm', $this->value(self::STONE));
    }

    public function test_a_sitting_that_ended_meanwhile_costs_nothing(): void
    {
        // What findings cost may be asked for just then too.
        $this->provoked = '~status of (419|401)~';
        $here = $this->browser->getWindowHandle();
        $this->browser->manage()->deleteAllCookies();
        $this->type(self::STONE, '250');
        $this->awaitText('.log-state', 'You are signed out');
        self::assertSame('250', $this->value(self::STONE));
        $this->browser->switchTo()->newWindow();
        $this->signInAnew();
        $this->browser->close();
        $this->browser->switchTo()->window($here);
        // A browser without a screen may not tell the page that it has the focus again: the button does the same.
        $this->tryAgain();
        self::assertSame('250 mm', $this->value(self::STONE));
    }

    public function test_a_form_that_was_filled_in_waits_for_its_person_to_sign_in_again(): void
    {
        $this->open('/prices');
        $here = $this->browser->getWindowHandle();
        $this->type('#per_m3-gypsum-board', '321');
        $this->browser->manage()->deleteAllCookies();
        $this->click('.prices .go');
        $this->awaitText('.not-sent', 'you are signed out');
        self::assertSame('321', $this->value('#per_m3-gypsum-board'));
        $this->browser->switchTo()->newWindow();
        $this->signInAnew();
        $this->browser->close();
        $this->browser->switchTo()->window($here);
        $this->click('.prices .go');
        $this->awaitText('.said', 'aved');
        self::assertSame('321', $this->value('#per_m3-gypsum-board'));
    }

    public function test_the_site_waits_for_its_person_to_sign_in_again(): void
    {
        $this->provoked = '~status of (419|401)~';
        $this->open('/projects/2/site#card-place');
        $here = $this->browser->getWindowHandle();
        $this->browser->manage()->deleteAllCookies();
        $this->type('#site-place', 'Landing stage, west bank');
        $this->awaitText('[data-said]', 'you are signed out');
        self::assertSame('Landing stage, west bank', $this->value('#site-place'));
        $this->browser->switchTo()->newWindow();
        $this->signInAnew();
        $this->browser->close();
        $this->browser->switchTo()->window($here);
        // A browser without a screen may not tell the page that it has the focus again: the button does the same.
        $this->awaitThat(function (): bool {
            if ($this->isShown('[data-again]')) {
                $this->click('[data-again]');
            }

            return $this->text('[data-said]') === 'saved';
        }, 'saved');
        $this->browser->navigate()->refresh();
        self::assertSame('Landing stage, west bank', $this->value('#site-place'));
    }

    public function test_a_server_that_breaks_off_loses_nothing(): void
    {
        $this->provoked = '~status of 500~';
        $database = $this->site->database();
        $before = $this->value(self::STONE);
        $database->exec("CREATE TRIGGER broken BEFORE INSERT ON revisions BEGIN SELECT RAISE(ABORT, 'broken for the test'); END");
        try {
            $this->type(self::STONE, '350');
            $this->awaitText('.log-state', 'the server broke off');
            self::assertSame('350', $this->value(self::STONE));
            $this->awaitThat(fn (): bool => ! $this->seen('#bench-side [data-pending], #bench-side [data-rough]'), 'the field');
            self::assertSame('350', $this->value(self::STONE), 'and stays when the field comes in');
        } finally {
            $database->exec('DROP TRIGGER broken');
        }
        $this->browser->switchTo()->newWindow();
        $this->openBench('Toll-house reading room');
        self::assertSame($before, $this->value(self::STONE), 'half a save is none');
        $this->browser->close();
        $this->browser->switchTo()->window($this->browser->getWindowHandles()[0]);
        $this->tryAgain();
        self::assertSame('350 mm', $this->value(self::STONE));
    }

    /** By the button, where the page does not do it by itself on having the focus again; it may vanish under the hand. */
    private function tryAgain(): void
    {
        $this->browser->executeScript('const again = document.querySelector(".word-stuck button"); if (again?.offsetParent) { again.click(); }');
        $this->awaitSaved();
    }

    private function change(string $field, string $size): void
    {
        $this->type($field, $size, WebDriverKeys::ENTER);
        $this->awaitThat(fn (): bool => $this->value($field) === "{$size} mm", "{$size} mm saved");
    }

    private function other(string $here): string
    {
        return array_values(array_diff($this->browser->getWindowHandles(), [$here]))[0];
    }
}
