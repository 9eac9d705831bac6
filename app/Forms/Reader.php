<?php

declare(strict_types=1);

namespace App\Forms;

use App\Models\Project;
use App\Models\User;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Http\Request;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** How this person reads and writes numbers: in their own units, else in those the project is built in. */
final readonly class Reader
{
    /** Names the units and the decimal mark that a form's fields were written in. */
    public const FIELD = 'written_in';

    public function __construct(private Factory $auth) {}

    public function system(?Project $project = null): UnitSystem
    {
        return $this->person()->units ?? $project->units ?? UnitSystem::Metric;
    }

    public function formatter(?Project $project = null): QuantityFormatter
    {
        return new QuantityFormatter($this->system($project), $this->person()->decimal_mark ?? DecimalMark::Point);
    }

    /** How the fields of a form that was sent were written: the person may have chosen other units since. */
    public function written(Request $request, ?Project $project = null): QuantityFormatter
    {
        $words = explode(' ', Word::of($request, self::FIELD));
        $system = UnitSystem::tryFrom($words[0]);
        $mark = DecimalMark::tryFrom($words[1] ?? '');

        return $system !== null && $mark !== null ? new QuantityFormatter($system, $mark) : $this->formatter($project);
    }

    public static function name(QuantityFormatter $format): string
    {
        return $format->system->value.' '.$format->mark->value;
    }

    private function person(): ?User
    {
        $user = $this->auth->guard()->user();

        return $user instanceof User ? $user : null;
    }
}
