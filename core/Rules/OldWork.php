<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Verdict\Severity;

/** What stands already is taken as it is: rules speak of the new work, and no remedy changes what somebody built before. */
final class OldWork
{
    /** Sizes of a part that stands which are new work on it, by property. */
    private const WORKED = ['deck' => ['rim', 'rimSealed']];

    /** What is said of the loads alone stands with what carries them. */
    private const ACTS = [Part::Loads, Part::Space];

    /** Null where it speaks of old work alone and nobody is in danger; without its remedy where that would change old work. */
    public static function judged(Finding $finding, Subject $s): ?Finding
    {
        if (! $s->design->standing->any()) {
            return $finding;
        }
        $isOfSite = str_starts_with($finding->unsaid ?? '', 'site.');
        if ($finding->severity !== Severity::Stop && ! $isOfSite && self::isOld($finding->rule, $s->design)) {
            return null;
        }
        if ($finding->remedy === null) {
            return $finding;
        }
        try {
            $keeps = self::keeps($s->design, $finding->remedy->applied($s->design));
        } catch (FaultyInput) {
            // Why it cannot be built is said beside it.
            $keeps = true;
        }

        return $keeps ? $finding : $finding->withoutRemedy();
    }

    /** Whether all that stands in one design stands unchanged in the other, and nothing came in where that closes the way. */
    public static function keeps(Design $was, Design $is): bool
    {
        foreach (Part::cases() as $part) {
            if ($was->standing->isClosed($part) && self::old($part, $was) !== self::old($part, $is)) {
                return false;
            }
        }

        return true;
    }

    /** Whether all that a rule looks at is old work. */
    private static function isOld(Rule $rule, Design $design): bool
    {
        $parts = array_filter($rule->parts(), static fn (Part $p): bool => ! in_array($p, self::ACTS, true));

        return $parts !== [] && array_filter($parts, static fn (Part $p): bool => ! $design->standing->isClosed($p)) === [];
    }

    /** What is old of a part, as text. */
    private static function old(Part $part, Design $design): string
    {
        return serialize([
            $part->of($design)::class,
            array_diff_key(get_object_vars($part->of($design)), array_flip(self::WORKED[$part->value] ?? [])),
        ]);
    }
}
