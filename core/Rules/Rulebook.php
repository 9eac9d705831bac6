<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Site\ClimateSource;

/** All rules, as they are found in `Book/`. */
final class Rulebook
{
    /** @var array<string, Rule>|null */
    private static ?array $all = null;

    /** @return array<string, Rule> by id, in the order of the alphabet */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            $files = glob(__DIR__.'/Book/*.php');
            foreach ($files === false ? [] : $files as $file) {
                $class = __NAMESPACE__.'\\Book\\'.basename($file, '.php');
                $rule = new $class;
                assert($rule instanceof Rule);
                self::$all[$rule->id()] = $rule;
            }
            ksort(self::$all);
        }

        return self::$all;
    }

    public static function find(string $id): ?Rule
    {
        return self::all()[$id] ?? null;
    }

    /** @return array<string, list<Rule>> by the name of their verdict, those that belong to none last */
    public static function byConcern(): array
    {
        $groups = [];
        foreach (Concern::cases() as $concern) {
            $groups[$concern->label()] = array_values(
                array_filter(self::all(), static fn (Rule $r): bool => $r->concern() === $concern),
            );
        }

        return $groups;
    }

    /** What a rule asks, in quotes; its id says what is wanted and would read as if it were found. Other words stay as they are. */
    public static function quoted(string $id): string
    {
        $rule = self::find($id);

        return $rule === null ? $id : '“'.rtrim($rule->asks(), '.').'”';
    }

    /** What one rule finds, as far as it is about what is to be built. */
    public static function finding(Rule $rule, Subject $subject): ?Finding
    {
        $finding = $rule->judge($subject);

        return $finding === null ? null : OldWork::judged($finding, $subject);
    }

    /**
     * @param  Concern|null  $of  rules of that verdict alone; null: all
     * @return list<Finding> gravest first
     */
    public static function findings(Subject $subject, ?Concern $of = null): array
    {
        $findings = [];
        $isDark = $subject->site->climate->source === ClimateSource::NotKnown;
        foreach (self::all() as $rule) {
            if ($isDark && $rule->hangsOnClimate()) {
                continue;
            }
            $finding = $of === null || $rule->concern() === $of ? self::finding($rule, $subject) : null;
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }
}
