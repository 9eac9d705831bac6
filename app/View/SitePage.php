<?php

declare(strict_types=1);

namespace App\View;

use App\History\History;
use App\History\Sitting;
use App\Models\Project;
use App\Models\Revision;
use Illuminate\Support\Facades\Gate;
use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\FrozenSoil;
use Ondergrond\Frost\OpenGround;
use Ondergrond\Rules\OpenQuestion;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\DegreeDays;
use Ondergrond\Site\Site;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** The site of a project: its picture, its cards and what they leave open. */
final readonly class SitePage
{
    /** Degree-days are told below this, °C and °F. */
    private const BASES = [18.0, 65.0];

    /**
     * @param  list<SiteCard>  $cards
     * @param  list<OpenQuestion>  $questions
     */
    private function __construct(
        public Project $project,
        public Site $site,
        public Revision $head,
        public QuantityFormatter $format,
        public bool $may,
        public ?Sitting $sitting,
        public DesignWinter $winter,
        public YearPicture $year,
        public GroundColumn $ground,
        public array $cards,
        public array $questions,
    ) {}

    public static function of(Project $project, Revision $head, QuantityFormatter $format, History $history): self
    {
        $site = $project->site;
        $winter = DesignWinter::of($site);
        $open = OpenGround::of($site, $winter, FrozenSoil::of($site->soil, $site->frost));
        $may = Gate::allows('update', $project);

        return new self(
            $project, $site, $head, $format, $may, $may ? $history->sitting($project) : null, $winter, new YearPicture($site, $format),
            new GroundColumn($site, $open, $format), (new SiteForm($site, $format))->cards(
                (new SiteLines($site, $winter, $open, $format))->all(),
            ), OpenQuestion::of($site),
        );
    }

    /** @return list<SiteInput> the twelve months */
    public function months(): array
    {
        foreach ($this->cards as $card) {
            $months = array_filter($card->fields, static fn (SiteInput $f): bool => $f->isMonth());
            if ($months !== []) {
                return array_values($months);
            }
        }

        return [];
    }

    /**
     * Where on the page something is answered, as the end of its address.
     *
     * @param  string  $path  of the size or choice, `site.` before it
     */
    public static function at(string $path): string
    {
        return '#'.match ($path) {
            'site.climate.monthly_mean_c', 'site.climate.source' => 'known',
            default => str_replace('.', '-', $path),
        };
    }

    /** @return array<string, string> what the months come to, as the figures that people know, by field */
    public function known(): array
    {
        $climate = $this->site->climate;
        $base = self::base($this->format);
        $warm = fn (float $t): string => $this->format->format($t, Quantity::Temperature);

        return [
            'warmest_c' => $warm(max($climate->monthly)),
            'coldest_c' => $warm(min($climate->monthly)),
            'mean_c' => $warm(array_sum($climate->monthly) / 12),
            'month' => (string) ($climate->coldest() + 1),
            'degree_days_c_d' => $this->format->format(
                DegreeDays::of($climate->monthly, $base, $this->site->frost->spread), Quantity::FreezingIndex,
            ),
            'base_c' => $warm($base),
            'monthly_mean_c' => implode('  ', array_map(
                fn (float $t): string => $this->format->number($t, Quantity::Temperature), $climate->monthly,
            )),
        ];
    }

    /** @return array<int, string> the months, by number */
    public static function monthNames(): array
    {
        return array_combine(range(1, 12), Calendar::NAMES);
    }

    /** What the winter is worked out from, and where ways to it disagree. */
    public function winterSaid(): string
    {
        $format = fn (float $index): string => $this->format->format($index, Quantity::FreezingIndex);
        $given = $this->site->frost->designIndex;
        $lines = [];
        if ($this->winter->office !== null) {
            $lines[] = 'The building office’s frost depth stands for '.$format($this->winter->office).' in this ground.';
            if ($given !== null) {
                $lines[] = 'The index that is given is '.$format($given).'; the colder governs.';
            }
            if ($this->winter->office < $this->winter->mean) {
                $lines[] = 'That is milder than the mean winter of the months, '.$format($this->winter->mean)
                    .': the two disagree; look whether both are of this place.';
            }
        }

        return implode(' ', $lines);
    }

    /** Wave, months that heat and what they come to, a line for the picture. */
    public function yearSaid(): string
    {
        $wave = $this->site->climate->wave();

        return 'Mean of the year '.$this->format->format($wave->mean, Quantity::Temperature).', swing ±'
            .$this->format->format($wave->amplitude, Quantity::TemperatureDifference).'; '
            .$this->format->mark->written(sprintf('%.1f', $this->site->heatingLength())).' months heat; '
            .'degree-days '.$this->known()['degree_days_c_d'].' below '.$this->known()['base_c'].'.';
    }

    /** What degree-days are told below, °C. */
    public static function base(QuantityFormatter $format): float
    {
        return $format->system === UnitSystem::Metric
            ? self::BASES[0]
            : Quantity::Temperature->unit(UnitSystem::InchPound)->toSi(self::BASES[1]);
    }
}
