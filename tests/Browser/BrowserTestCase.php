<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** Drives the real pages. Every test ends by asking the browser's console whether anything was refused or broke. */
abstract class BrowserTestCase extends TestCase
{
    protected RemoteWebDriver $browser;

    protected Site $site;

    protected function setUp(): void
    {
        $this->site = Site::running();
        $this->browser = $this->site->browser;
        $this->site->size(1280, 800);
        $this->browser->manage()->deleteAllCookies();
    }

    protected function assertPostConditions(): void
    {
        self::assertSame([], array_column($this->browser->manage()->getLog('browser'), 'message'), 'the console is silent');
    }

    protected function onNotSuccessfulTest(\Throwable $t): never
    {
        $folder = __DIR__.'/failures';
        if (! is_dir($folder)) {
            mkdir($folder);
        }
        $this->browser->takeScreenshot($folder.'/'.preg_replace('~\W+~', '-', $this->nameWithDataSet()).'.png');
        $this->browser->manage()->getLog('browser');
        parent::onNotSuccessfulTest($t);
    }

    protected function open(string $path): void
    {
        $this->browser->get($this->site->address.$path);
    }

    protected function find(string $css): RemoteWebElement
    {
        return $this->browser->findElement(WebDriverBy::cssSelector($css));
    }

    protected function text(string $css): string
    {
        return trim($this->find($css)->getText());
    }

    /** Types over what stands in a field and leaves it, as a person would. */
    protected function type(string $css, string $words, string $leaveWith = WebDriverKeys::TAB): void
    {
        $field = $this->find($css);
        $field->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$words.$leaveWith);
    }

    /** @param  callable(): bool  $true */
    protected function awaitThat(callable $true, string $what): void
    {
        $until = microtime(true) + 8;
        while (microtime(true) < $until) {
            try {
                if ($true()) {
                    $this->addToAssertionCount(1);

                    return;
                }
            } catch (StaleElementReferenceException|NoSuchElementException) {
                // The page is just being changed; look again.
            }
            usleep(40_000);
        }
        self::fail("waited in vain: {$what}");
    }

    /** For what stands on the page that a click leads to. */
    protected function awaitText(string $css, string $words): void
    {
        $this->awaitThat(fn (): bool => str_contains($this->text($css), $words), "“{$words}” at {$css}");
    }

    /** WCAG 2.2 A and AA by axe-core, on the page as it stands. */
    protected function assertAccessible(): void
    {
        $this->browser->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $found = $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1];
             axe.run(document, { runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"] })
                .then((r) => done(r.violations.map((v) => v.id + ": " + v.nodes.map((n) => n.target.join(" ") + " " + n.failureSummary).join(" | "))));',
        );
        self::assertSame([], $found, $this->browser->getCurrentURL());
    }
}
