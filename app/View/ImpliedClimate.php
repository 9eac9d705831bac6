<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Frost\DesignWinter;
use Ondergrond\Site\Climate;
use Ondergrond\Site\DegreeDays;
use Ondergrond\Site\Site;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What a climate would come to at a site, before it is taken. */
final readonly class ImpliedClimate
{
    public function __construct(private Site $site, private Climate $climate, private QuantityFormatter $format) {}

    /** @return array{said: string, path: string} a sentence; the months as steps in the year's picture as it stands, 12 across */
    public function told(): array
    {
        $warm = fn (float $t): string => $this->format->format($t, Quantity::Temperature);
        $base = SitePage::base($this->format);
        $months = $this->climate->monthly;
        $winter = DesignWinter::of(new Site(...[...get_object_vars($this->site), 'climate' => $this->climate]));
        $ruler = (new YearPicture($this->site, $this->format))->ruler;
        $path = '';
        foreach ($months as $i => $t) {
            $path .= ($i === 0 ? 'M' : 'L').$i.' '.$ruler->y($t).'H'.($i + 1);
        }

        return [
            'said' => sprintf(
                'Gives months from %s to %s, a mean of the year of %s, degree-days %s below %s; a design day of %s%s; a design winter of '
                    .'%s, %s.',
                $warm(min($months)), $warm(max($months)), $warm(array_sum($months) / 12),
                $this->format->format(DegreeDays::of($months, $base, $this->site->frost->spread), Quantity::FreezingIndex), $warm($base),
                $warm($this->climate->design()), $this->climate->designGiven === null ? ', worked out' : ', as it is given',
                $this->format->format($winter->index, Quantity::FreezingIndex),
                $this->site->frost->designIndex === null && $winter->office === null ? 'worked out' : 'as the site gives it',
            ),
            'path' => $path,
        ];
    }
}
