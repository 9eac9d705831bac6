<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\OpenGround;
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\Presence;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Site\Site;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What each card of a site says in a line where it is folded. */
final readonly class SiteLines
{
    public function __construct(
        private Site $site,
        private DesignWinter $winter,
        private ?OpenGround $open,
        private QuantityFormatter $format,
    ) {}

    /** @return array<string, string> by card */
    public function all(): array
    {
        return array_map(static fn (array $words): string => implode(
            ' · ', array_filter($words, static fn (string $w): bool => $w !== ''),
        ), [
            'place' => [$this->site->place, $this->site->timeZone],
            'climate' => $this->climate(),
            'ground' => $this->ground(),
            'winter' => $this->winter(),
            'limits' => $this->limits(),
            'rooms' => [
                'kept at '.$this->warm($this->site->indoor),
                'humidity class '.str_replace(' · ', ', ', $this->site->damp->humidity->label()),
                $this->format->format($this->site->room->height, Quantity::Length).' high',
            ],
            'house' => $this->house(),
            'sun' => [
                'latitude '.$this->format->format($this->site->sun->latitude, Quantity::Angle),
                'glass '.$this->format->format($this->site->room->glass(), Quantity::Area),
                $this->site->room->panels > 0.0 ? 'panels '.$this->format->format($this->site->room->panels, Quantity::PeakPower) : '',
            ],
        ]);
    }

    /** @return list<string> */
    private function house(): array
    {
        $h = $this->site->house;
        $said = array_values(array_filter([
            $h->besides === null ? null : 'the rest loses '.$this->format->format($h->besides, Quantity::HeatLoss),
            $h->load === null ? null : 'design load '.$this->format->format($h->load, Quantity::Power),
            $h->fuel === null ? null : 'fuel '.$this->format->format($h->fuel, Quantity::Energy).' a year',
            $h->oldFloor === null ? null : 'a floor to meet at '.$this->format->signed($h->oldFloor, Quantity::Thickness),
            $h->step === null ? null : 'a step outside at '.$this->format->signed($h->step, Quantity::Thickness),
        ]));

        return $said === [] ? ['nothing said of the rest of it'] : $said;
    }

    /** @return list<string> */
    private function climate(): array
    {
        $climate = $this->site->climate;

        return [
            $climate->source->label(),
            'months '.$this->warm(min($climate->monthly)).' to '.$this->warm(max($climate->monthly)),
            'design day '.$this->warm($climate->design()).($climate->designGiven === null ? ', worked out' : ''),
        ];
    }

    /** @return list<string> */
    private function ground(): array
    {
        $site = $this->site;

        return [
            $site->soil->label(),
            $site->water === GroundWater::NotSaid ? 'water not said' : $site->water->label(),
            $site->damp->waterTable === null
                ? '' : 'water table '.$this->format->format($site->damp->waterTable, Quantity::Thickness).' down',
            $site->frost->ledge === null ? '' : 'rock '.$this->format->format($site->frost->ledge, Quantity::Thickness).' down',
            $site->termites === Presence::Yes ? 'termites' : '',
            $site->radon === Presence::Yes ? 'radon' : '',
        ];
    }

    /** @return list<string> */
    private function winter(): array
    {
        return [
            $this->site->frost->use->label(),
            'design winter '.$this->format->format($this->winter->index, Quantity::FreezingIndex),
            $this->open === null ? 'no frost in the ground' : 'frost '.$this->format->format($this->open->depth(), Quantity::Depth)
                .' deep in open ground',
        ];
    }

    /** @return list<string> */
    private function limits(): array
    {
        $site = $this->site;
        $set = $site->requirements->set;

        return [
            $site->floorLimit === null ? 'no limit for U' : 'U at most '.$this->format->format($site->floorLimit, Quantity::Transmittance),
            $set === 'none' ? 'no insulation required' : RequirementSets::words()[$set] ?? 'own requirements',
        ];
    }

    private function warm(float $t): string
    {
        return $this->format->format($t, Quantity::Temperature);
    }
}
