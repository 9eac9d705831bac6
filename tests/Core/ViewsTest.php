<?php

declare(strict_types=1);

namespace Tests\Core;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What pages show is given to them. */
final class ViewsTest extends TestCase
{
    /** Calls that work something out: of a class by its full name or by `@use`. Cases of an enumeration may be run through. */
    private const CALL = '~(?:\\\\?Ondergrond\\\\[\w\\\\]+|\b%s)::(?!cases\b)[a-z]\w*\(~';

    private const QUERY = '~::query\(|\w\(\)->(?:where|latest|orderBy|get|first|firstOrFail|count|exists)\(|\bDB::~';

    public function test_no_view_calls_the_core_beyond_what_it_was_given(): void
    {
        $found = [];
        foreach ($this->views() as $name => $text) {
            preg_match_all("~@use\('Ondergrond\\\\[\w\\\\]*?(\w+)'\)~", $text, $used);
            $names = implode('|', $used[1] === [] ? ['(?!)'] : $used[1]);
            preg_match_all(sprintf(self::CALL, "(?:{$names})"), $text, $calls);
            array_push($found, ...array_map(static fn (string $call): string => "{$name}: {$call}", $calls[0]));
        }
        self::assertSame([], $found);
    }

    public function test_no_view_asks_the_database(): void
    {
        $found = [];
        foreach ($this->views() as $name => $text) {
            preg_match_all(self::QUERY, $text, $queries);
            array_push($found, ...array_map(static fn (string $query): string => "{$name}: {$query}", $queries[0]));
        }
        self::assertSame([], $found);
    }

    public function test_what_may_not_stand_there_is_known(): void
    {
        $call = sprintf(self::CALL, '(?:Levels|Severity)');
        self::assertSame(1, preg_match($call, '{{ Levels::of($design) }}'));
        self::assertSame(1, preg_match($call, '{{ \Ondergrond\Rules\Rulebook::find($id) }}'));
        self::assertSame(0, preg_match($call, '@foreach (Severity::cases() as $s) {{ Severity::NotChecked->label() }}'));
        self::assertSame(1, preg_match(self::QUERY, '@foreach ($project->options()->latest() as $o)'));
    }

    /** @return iterable<string, string> texts by path */
    private function views(): iterable
    {
        $folder = dirname(__DIR__, 2).'/resources/views/';
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            yield substr($file->getPathname(), strlen($folder)) => (string) file_get_contents($file->getPathname());
        }
    }
}
