<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** What covers the outside board above the ground, and what it is built up of. */
final readonly class Cover implements DesignPart, Idle
{
    use Remade;

    /**
     * @param  float  $depthBelowGrade  how far it goes on below the ground, so that backfill hides its end, m
     * @param  list<Behind>  $behind  from the foam outward, where the backing says so
     * @param  float  $screw  length, m; 0: not said
     * @param  float  $screwsApart  m
     * @param  Done  $paper  the wall's upper paper over the drip
     * @param  Done  $keyed  render over the wall's sheet below the ground, keyed to it
     */
    public function __construct(
        #[Size('thickness', sold: new Steps(0.06, 1, 0.125))]
        public Layer $layer,
        #[Size('below ground', sold: new Steps(1.0, 10, 0.5))]
        public float $depthBelowGrade,
        #[Size('on the foam')]
        public CoverBacking $backing = CoverBacking::NotSaid,
        #[Size(
            'over the membrane', words: ['not-said' => 'over the membrane: not said', 'no' => 'not lapped over it',
                'yes' => 'lapped over it'],
        )]
        public Done $lapped = Done::NotSaid,
        #[Size('layers behind it', each: 'layer #', of: Behind::class)]
        public array $behind = [],
        #[Size('held by')]
        public CoverHeld $held = CoverHeld::NotSaid,
        #[Size('screws', sold: new Steps(0.3, 5, 0.25))]
        public float $screw = 0.0,
        #[Size('screws apart', sold: new Steps(0.7, 50, 4))]
        public float $screwsApart = 0.4,
        #[Size('upper paper', words: ['not-said' => 'over the drip: not said', 'no' => 'not over the drip', 'yes' => 'over the drip'])]
        public Done $paper = Done::NotSaid,
        #[Size('on the wall’s sheet', words: ['not-said' => 'not said', 'no' => 'parted from it', 'yes' => 'keyed to it'])]
        public Done $keyed = Done::NotSaid,
        #[Size('foot on')]
        public CoverFoot $foot = CoverFoot::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->layer->present();
    }

    public function idle(): array
    {
        return [
            ...($this->backing === CoverBacking::Layers ? [] : ['behind']),
            ...($this->held->embedment() === null ? ['screw', 'screwsApart'] : []),
            ...($this->isRender() ? [] : ['keyed']),
        ];
    }

    public function isRender(): bool
    {
        return $this->layer->material->slug === 'cement-render';
    }

    /**
     * What lies behind it, from the foam outward; the usual three where it is said in one word.
     *
     * @return list<BehindKind>
     */
    public function kinds(): array
    {
        return match ($this->backing) {
            CoverBacking::SlipLayer => [BehindKind::Wrap, BehindKind::Felt, BehindKind::Lath],
            CoverBacking::Layers => array_map(static fn (Behind $b): BehindKind => $b->kind, $this->behind),
            CoverBacking::NotSaid, CoverBacking::Direct => [],
        };
    }
}
