<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Design\Supports;
use Ondergrond\Load\BearingCheck;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Rules\SupportRemedies;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;
use Ondergrond\Verdict\Verdict;

final class SupportCarried extends Rule
{
    public function asks(): string
    {
        return 'The board under each post and bearing wall inside carries it.';
    }

    public function why(): string
    {
        return 'Soft board under a point or a line gives way, and the slab cracks over it.';
    }

    public function source(): string
    {
        return '45° spread and strength ÷ 3 and ÷ 2, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Supports, Part::Field, Part::Perimeter];
    }

    public function weights(): array
    {
        return [Severity::Stop, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $worst = null;
        foreach ($s->design->supports->kinds() as $name => $of) {
            $check = $s->load->at($name);
            if ($check !== null && $check->word() === Verdict::Fails && ($worst === null || $check->needed() > $worst->needed())) {
                $worst = $check;
            }
        }
        if ($worst === null) {
            return $this->unsaid($s);
        }
        $ways = new SupportRemedies($s);
        $remedy = $ways->hard($worst->where) ?? $ways->pad($worst->where);
        $lasting = $worst->permanent * BearingCheck::LONG >= $worst->total * BearingCheck::SHORT;

        return $worst->isUnknown() ? $this->stop(
            'The board under '.Supports::label($worst->where).' has no stated strength and is pressed with %1$s.',
            Measure::stress($worst->total),
            remedy: $remedy,
        ) : $this->stop(
            'Under '.Supports::label($worst->where).' the board carries %1$s and may carry %2$s.',
            Measure::stress($lasting ? $worst->permanent : $worst->total),
            Measure::stress((float) ($lasting ? $worst->allowableLong() : $worst->allowableShort())), $remedy,
        );
    }

    private function unsaid(Subject $s): ?Finding
    {
        foreach ($s->design->supports->kinds() as $name => $of) {
            if ($of->permanent() + $of->live() <= 0.0) {
                return $this->notChecked(
                    'What comes down on '.Supports::label($name).' is not given.',
                    unsaid: 'supports.'.($of->isStrip() ? 'strips' : 'posts').'.'.((int) substr($name, (int) strpos($name, '-') + 1) - 1)
                        .'.'.($of->isStrip() ? 'permanent_kn_m' : 'permanent_kn'),
                );
            }
        }

        return null;
    }
}
