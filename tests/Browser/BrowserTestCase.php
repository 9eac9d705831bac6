<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;

/** Drives the real pages. Every test ends by asking the browser's console whether anything was refused or broke. */
abstract class BrowserTestCase extends TestCase
{
    /** Seconds: a shared machine may stand still for some of them. */
    private const PATIENCE = 60;

    private const SESSION = 'ondergrond_demo';

    private const REVEAL = <<<'JS'
        const reveal = (element) => {
            for (let at = element; at; at = at.parentElement) {
                const folded = at.parentElement?.closest('details:not([open])');
                if (folded && !(at.tagName === 'SUMMARY' && at.parentElement === folded)) {
                    folded.open = true;
                }
            }
            const panel = element?.closest('[data-panel]');
            if (panel?.style.display === 'none') {
                document.querySelector(`.cell[data-core="${panel.dataset.panel}"], .tabs [data-core="${panel.dataset.panel}"]`).click();
            }
        };
        JS;

    protected RemoteWebDriver $browser;

    /** A pattern for what the browser may say of answers that the test provokes, such as a refusal's status. */
    protected string $provoked = '~^$~';

    protected Site $site;

    protected function setUp(): void
    {
        $this->site = Site::running();
        $this->browser = $this->site->browser;
        $this->site->size(1280, 800);
        // Away from the page of the last test: what it still waits for, or tries again, would bring that one's cookies back.
        $this->browser->get($this->site->address.'/sign-in');
        $this->browser->manage()->deleteAllCookies();
        // What it laid over its drawing would lie over this one's.
        $this->browser->executeScript('sessionStorage.clear()');
        $this->site->restore();
    }

    /** As one of the people of the demo, by the session of an earlier test where that is still good. */
    protected function signIn(string $person = 'Joost Kade'): void
    {
        $kept = $this->site->sessions[$person] ?? null;
        if ($kept !== null) {
            $this->browser->manage()->addCookie($kept);
            $this->open('/');
            if ($this->seen('.self summary') && str_contains($this->text('.self summary'), $person)) {
                return;
            }
        }
        $this->signInAnew($person);
        $session = $this->browser->manage()->getCookieNamed(self::SESSION);
        self::assertNotNull($session);
        $this->site->sessions[$person] = $session;
    }

    protected function signInAnew(string $person = 'Joost Kade'): void
    {
        $this->open('/sign-in');
        if ($this->seen('.self')) {
            // An answer to the last test's page came late and brought its cookie back.
            $this->browser->manage()->deleteAllCookies();
            $this->open('/sign-in');
        }
        $this->browser->findElement(WebDriverBy::xpath("//button[contains(., '{$person}')]"))->click();
        $this->awaitText('.self summary', $person);
    }

    protected function openBench(string $project): void
    {
        if ($this->browser->getCurrentURL() !== $this->site->address.'/') {
            $this->open('/');
        }
        $this->clickLink($project);
        $this->awaitText('.job', $project);
    }

    protected function awaitSaved(): void
    {
        $this->awaitThat(fn (): bool => $this->text('.log-state') === 'All saved', 'the word that all is saved');
    }

    /**
     * What an element says or does; looked up again where the page was being changed, or moved, under the look.
     *
     * @template T
     *
     * @param  callable(RemoteWebElement): T  $do
     * @return T
     */
    protected function at(WebDriverBy $by, callable $do): mixed
    {
        for ($i = 0; ; $i++) {
            try {
                return $do($this->browser->findElement($by));
            } catch (StaleElementReferenceException|ElementClickInterceptedException $e) {
                if ($i === 20) {
                    throw $e;
                }
            }
        }
    }

    /** Unfolds what an element lies in, and turns to its panel, as a person would who looks for it. */
    protected function reveal(string $css): void
    {
        $this->browser->executeScript(self::REVEAL.'reveal(document.querySelector(arguments[0]));', [$css]);
    }

    protected function click(string $css): void
    {
        $this->reveal($css);
        $this->at(WebDriverBy::cssSelector($css), static fn (RemoteWebElement $e) => $e->click());
    }

    protected function clickLink(string $words): void
    {
        $this->link('a.textContent.replace(/\\s+/g, " ").trim() === arguments[0]', $words);
    }

    protected function clickLinkWith(string $some): void
    {
        $this->link('a.textContent.includes(arguments[0])', $some);
    }

    private function link(string $which, string $words): void
    {
        // A page that is just being changed may take the mark away again.
        $this->awaitThat(function () use ($which, $words): bool {
            $found = $this->browser->executeScript(
                self::REVEAL.'document.querySelectorAll("[data-sought]").forEach((old) => delete old.dataset.sought);
                    const link = [...document.links].find((a) => '.$which.');
                    if (link) { link.dataset.sought = ""; reveal(link); }
                    return link !== undefined;', [$words],
            );
            if ($found === true) {
                $this->at(WebDriverBy::cssSelector('[data-sought]'), static fn (RemoteWebElement $e) => $e->click());
            }

            return $found === true;
        }, "a link “{$words}”");
    }

    protected function clickAt(string $xpath): void
    {
        $this->browser->executeScript(
            self::REVEAL.'reveal(document.evaluate(arguments[0], document, null, 9, null).singleNodeValue);', [$xpath],
        );
        $this->at(WebDriverBy::xpath($xpath), static fn (RemoteWebElement $e) => $e->click());
    }

    protected function choose(string $css, string $value): void
    {
        $this->reveal($css);
        $this->at(WebDriverBy::cssSelector($css), static fn (RemoteWebElement $e) => (new WebDriverSelect($e))->selectByValue($value));
    }

    protected function isShown(string $css): bool
    {
        return $this->at(WebDriverBy::cssSelector($css), static fn (RemoteWebElement $e): bool => $e->isDisplayed());
    }

    protected function isEnabled(string $css): bool
    {
        return $this->at(WebDriverBy::cssSelector($css), static fn (RemoteWebElement $e): bool => $e->isEnabled());
    }

    protected function textAt(string $xpath): string
    {
        $text = $this->browser->executeScript(
            'const e = document.evaluate(arguments[0], document, null, 9, null).singleNodeValue;
             return e && (e.innerText || e.textContent.replace(/\\s+/g, " "))', [$xpath],
        );

        return is_string($text) ? trim($text) : throw new NoSuchElementException("nothing at {$xpath}");
    }

    protected function seen(string $css): bool
    {
        return (bool) $this->browser->executeScript('return document.querySelector(arguments[0]) !== null', [$css]);
    }

    /** What a field shows now, typed or written by the server. */
    protected function value(string $css): string
    {
        return str_replace("\u{a0}", ' ', $this->property($css, 'value'));
    }

    /** What the page has of an element now. */
    protected function property(string $css, string $name): string
    {
        $value = $this->browser->executeScript('return document.querySelector(arguments[0])?.[arguments[1]]', [$css, $name]);

        return is_string($value) ? $value : throw new NoSuchElementException("no {$name} at {$css}");
    }

    protected function attribute(string $css, string $name): string
    {
        return $this->at(WebDriverBy::cssSelector($css), static fn (RemoteWebElement $e): string => (string) $e->getAttribute($name));
    }

    protected function press(string ...$keys): void
    {
        $this->browser->getKeyboard()->sendKeys(implode('', $keys));
    }

    protected function assertPostConditions(): void
    {
        $messages = array_column($this->browser->manage()->getLog('browser'), 'message');
        self::assertSame(
            [],
            array_values(array_filter($messages, fn (string $m): bool => preg_match($this->provoked, $m) !== 1)),
            'the console is silent',
        );
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

    /** As it is read; asked of the page itself, for the driver’s own way to it takes ten times as long. */
    protected function text(string $css): string
    {
        // What lies out of sight is not laid out, and then has no inner text.
        $text = $this->browser->executeScript(
            'const e = document.querySelector(arguments[0]); return e && (e.innerText || e.textContent.replace(/\s+/g, " "))', [$css],
        );

        return is_string($text) ? trim(str_replace("\u{a0}", ' ', $text)) : throw new NoSuchElementException("nothing at {$css}");
    }

    /** Types over what stands in a field and leaves it, as a person would. */
    protected function type(string $css, string $words, string $leaveWith = WebDriverKeys::TAB): void
    {
        $this->reveal($css);
        $keys = WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$words.$leaveWith;
        $this->at(WebDriverBy::cssSelector($css), static fn (RemoteWebElement $e) => $e->sendKeys($keys));
    }

    /** @param  callable(): bool  $true */
    protected function awaitThat(callable $true, string $what): void
    {
        $until = microtime(true) + self::PATIENCE;
        while (microtime(true) < $until) {
            try {
                if ($true()) {
                    $this->addToAssertionCount(1);

                    return;
                }
            } catch (StaleElementReferenceException|NoSuchElementException|ElementNotInteractableException) {
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

    /** WCAG 2.2 A and AA by axe-core, on the page as it stands. Pages as they open are looked at by `EveryPageTest`, once in each width. */
    protected function assertAccessible(): void
    {
        $this->browser->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        // It would measure what is not laid out, out of sight, as if it lay over what follows.
        $found = $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1];
             const all = new CSSStyleSheet();
             all.replaceSync("* { content-visibility: visible !important }");
             document.adoptedStyleSheets = [all];
             axe.run(document, { resultTypes: ["violations"], runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"] })
                .then((r) => done(r.violations.map((v) => {
                    const nodes = v.nodes.map((n) => n.target.join(" ") + " " + n.failureSummary);
                    return v.id + ": " + nodes.join(" | ");
                })));',
        );
        self::assertSame([], $found, $this->browser->getCurrentURL());
    }

    protected function inUnits(string $units): void
    {
        $this->click("#units button[value='{$units}']");
    }

    protected function many(string $css): int
    {
        return (int) $this->browser->executeScript('return document.querySelectorAll(arguments[0]).length', [$css]);
    }

    protected function saved(): void
    {
        $this->awaitThat(fn (): bool => $this->text('[data-said]') === 'saved', 'the word that it is saved');
    }
}
