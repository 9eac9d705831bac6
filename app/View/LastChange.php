<?php

declare(strict_types=1);

namespace App\View;

use App\Later\Glance;
use App\Models\RevisionKind;
use Ondergrond\History\Changes;
use Ondergrond\History\ChangeWords;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

/** What the last change of a design did, in one line. */
final readonly class LastChange
{
    /** More of them are counted. */
    private const SAID = 2;

    /** A mean flow that differs by less is the mesh's doing, not the change's, as a share. */
    private const SAME = 0.002;

    /**
     * @param  string  $what  was changed
     * @param  list<string>  $did  what that did to flow, words and findings; empty until it is known, or where it did nothing
     */
    private function __construct(public string $what, public array $did) {}

    /**
     * @param  array<string, mixed>  $before  state of the option
     * @param  array<string, mixed>  $after
     * @param  Glance|null  $was  of the state before; null where nobody has looked at it
     * @param  Glance|null  $is  of the state after; null until its field is there
     */
    public static function of(
        RevisionKind $kind,
        array $before,
        array $after,
        ?Glance $was,
        ?Glance $is,
        QuantityFormatter $format,
    ): ?self {
        $lines = (new ChangeWords($format))->lines(Changes::between($before, $after));
        if ($lines === []) {
            return null;
        }
        $more = count($lines) - self::SAID;
        $what = implode('; ', array_slice($lines, 0, self::SAID)).($more > 0 ? ' and '.$more.' more' : '');

        return new self(
            match ($kind) {
                RevisionKind::Undo => 'Taken back: ',
                RevisionKind::Redo => 'Put back: ',
                default => '',
            }.$what,
            $was === null || $is === null ? [] : self::did($was, $is, $format),
        );
    }

    /** @return list<string> */
    private static function did(Glance $was, Glance $is, QuantityFormatter $format): array
    {
        $did = [];
        $watts = $is->watts - $was->watts;
        $zero = $format->format(0.0, Quantity::Power);
        if (abs($watts) > self::SAME * abs($was->watts) && $format->format(abs($watts), Quantity::Power) !== $zero) {
            $did[] = ($watts < 0 ? '−' : '+').$format->format(abs($watts), Quantity::Power);
        }
        foreach ($is->words as $concern => $word) {
            if ($word !== ($was->words[$concern] ?? $word)) {
                $did[] = sprintf('%s %s → %s', $concern, Verdict::from($was->words[$concern])->said(), Verdict::from($word)->said());
            }
        }
        foreach ([[$is, $was, 'new'], [$was, $is, 'settled']] as [$here, $there, $words]) {
            $count = array_count_values(array_diff_key($here->findings, $there->findings));
            foreach (Severity::cases() as $severity) {
                if ($severity !== Severity::NotChecked && isset($count[$severity->value])) {
                    $did[] = "{$count[$severity->value]} {$severity->value} {$words}";
                }
            }
        }

        return $did;
    }
}
