<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

/** Who may come in, what they may do, and what can be had back. */
final class PeopleTest extends BrowserTestCase
{
    public function test_signing_in_and_out(): void
    {
        $this->open('/projects/1/site');
        $this->awaitText('h1', 'Sign in');
        $this->find('#email')->sendKeys('joost@lockside.example');
        $this->find('#password')->sendKeys('not it');
        $this->find('.sheet button')->click();
        $this->awaitText('#email-wrong', 'do not go together');
        $this->assertAccessible();
        $this->find('#password')->sendKeys('boathouse-demo');
        $this->find('.sheet button')->click();
        $this->awaitText('h1', 'Site');
        $this->find('#self summary')->click();
        $this->assertAccessible();
        $this->find('#self button')->click();
        $this->awaitText('.said', 'signed out');
        $this->open('/');
        $this->awaitText('h1', 'Sign in');
    }

    public function test_the_first_start_asks_for_firm_and_owner(): void
    {
        $database = $this->site->database();
        $database->exec('CREATE TABLE kept AS SELECT * FROM users; DELETE FROM users');
        try {
            $this->open('/');
            $this->awaitText('h1', 'First start');
            $this->assertAccessible();
            $this->site->size(390, 800);
            self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth;'));
            $this->find('#name')->sendKeys('Ibo Terp');
            $this->find('#email')->sendKeys('ibo@lockside.example');
            $this->find('#password')->sendKeys('terp-and-dyke');
            $this->find('#password_confirmation')->sendKeys('terp-and-dike');
            $this->find('.sheet button')->click();
            $this->awaitText('#password-wrong', 'The two passwords differ');
            $this->assertAccessible();
            $this->find('#password')->sendKeys('terp-and-dyke');
            $this->find('#password_confirmation')->sendKeys('terp-and-dyke');
            $this->find('.sheet button')->click();
            $this->awaitText('h1', 'Projects');
            self::assertStringContainsString('Dyke Lane boathouse', $this->text('.jobs'), 'what was there is the firm’s');
        } finally {
            $database->exec('DELETE FROM users; INSERT INTO users SELECT * FROM kept; DROP TABLE kept');
        }
    }

    public function test_a_reader_reads_and_is_refused_the_rest(): void
    {
        $this->provoked = '~status of 403~';
        $this->signIn('Odile Vliet');
        self::assertFalse($this->seen('.import, a[href$="/projects/create"]'));
        $this->openBench('Dyke Lane boathouse');
        self::assertFalse($this->find('#design-slab-thickness_m')->isEnabled());
        self::assertFalse($this->seen('#undo'));
        self::assertStringContainsString('read this, not change it', $this->text('.log-state'));
        self::assertFalse($this->find('.handle')->isDisplayed());
        $this->find("#bench-drawing text[data-field='edge_beam.width_m']")->click();
        self::assertFalse($this->seen('.size-over'));
        $this->assertAccessible();
        foreach (['/projects/create', '/people', '/trash', '/projects/1/shares'] as $path) {
            $this->open($path);
            $this->awaitText('h1', 'That is not yours to do');
        }
        $this->assertAccessible();
    }

    public function test_an_invited_person_comes_in_by_the_link_and_an_owner_sees_them(): void
    {
        $this->signIn('Marit Sluys');
        $this->open('/people');
        $this->find('#email')->sendKeys('new@lockside.example');
        (new WebDriverSelect($this->find('#role')))->selectByValue('designer');
        $this->browser->findElement(WebDriverBy::xpath('//button[contains(., "Make the link")]'))->click();
        $this->awaitText('#link-made', 'new@lockside.example');
        $this->assertAccessible();
        $link = $this->value('#link');
        $this->find('#self summary')->click();
        $this->find('#self button')->click();
        $this->awaitText('.said', 'signed out');

        $this->browser->get($link);
        $this->find('#name')->sendKeys('Ibo Terp');
        $this->find('#password')->sendKeys('short');
        $this->find('#password_confirmation')->sendKeys('short');
        $this->find('.sheet button')->click();
        $this->awaitText('#password-wrong', '10 characters or more');
        self::assertSame('Ibo Terp', $this->value('#name'));
        $this->assertAccessible();
        $this->find('#password')->sendKeys('terp-and-dyke');
        $this->find('#password_confirmation')->sendKeys('terp-and-dyke');
        $this->find('.sheet button')->click();
        $this->awaitText('.said', 'You are in, as designer');
        $this->openBench('Ferry kiosk');
        self::assertTrue($this->find('#design-slab-thickness_m')->isEnabled());
        $this->site->database()->exec("DELETE FROM users WHERE email = 'new@lockside.example'");
    }

    public function test_options_and_projects_go_to_the_trash_and_come_back(): void
    {
        $this->signIn();
        $this->openBench('Dyke Lane boathouse');
        $this->find('.options-all')->click();
        $this->awaitText('h1', 'Options');
        $this->assertAccessible();
        $this->browser->findElement(
            WebDriverBy::xpath('//li[contains(., "C · as first priced")]//button[contains(., "To the trash")]'),
        )->click();
        $this->awaitText('.said', '“C · as first priced” is in the trash');
        self::assertStringNotContainsString('C · as first priced', $this->text('.jobs'));
        $this->open('/');
        $this->browser->findElement(WebDriverBy::xpath('//li[contains(., "Ferry kiosk")]//button[contains(., "To the trash")]'))->click();
        $this->awaitText('.said', '“Ferry kiosk” is in the trash');

        $this->open('/trash');
        $this->assertAccessible();
        $this->browser->findElement(WebDriverBy::xpath('//li[contains(., "Ferry kiosk")]//button[contains(., "Take back")]'))->click();
        $this->awaitText('.said', '“Ferry kiosk” is back');
        $this->openBench('Ferry kiosk');
        $this->open('/trash');
        $this->browser->findElement(
            WebDriverBy::xpath('//li[contains(., "C · as first priced")]//button[contains(., "Take back")]'),
        )->click();
        $this->awaitText('.said', 'is back, as the last one');
    }

    public function test_the_history_shows_an_edit_and_leads_back_before_it(): void
    {
        $this->signIn();
        $this->openBench('Toll-house reading room');
        $size = $this->value('#design-edge_inside-thickness_m');
        $this->type('#design-edge_inside-thickness_m', '70');
        $this->awaitThat(fn (): bool => $this->value('#design-edge_inside-thickness_m') === '70 mm', 'saved');
        $this->browser->findElement(WebDriverBy::linkText('History'))->click();
        $this->awaitText('.history', "Board inside the edge, thickness: {$size} → 70 mm");
        self::assertStringContainsString('Joost Kade', $this->text('.history-now'));
        $this->assertAccessible();
        $this->find('.history > li:nth-child(2) button')->click();
        $this->awaitText('.said', 'as it was then');
        self::assertSame($size, $this->value('#design-edge_inside-thickness_m'));
    }

    public function test_a_client_reads_the_section_by_a_link(): void
    {
        $this->signIn();
        $this->open('/projects/1/shares');
        $this->find('#made_for')->sendKeys('The rowing club');
        $this->find('.share button')->click();
        $this->awaitText('.said', 'The link is made');
        $this->assertAccessible();
        $link = $this->value('.people .link');
        $this->browser->manage()->deleteAllCookies();
        $this->browser->get($link);
        $this->awaitText('.job', 'Dyke Lane boathouse');
        self::assertFalse($this->seen('form, input[type=text], .stakes'));
        self::assertGreaterThan(0, (float) $this->text('#heating'));
        $this->assertAccessible();
        $this->site->size(390, 800);
        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth;'));
    }
}
