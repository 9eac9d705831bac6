<?php

declare(strict_types=1);

namespace Ondergrond\Sizing;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Site\Calendar;

/** A wing and an edge board that were put to the field. */
final readonly class WingTry
{
    /** @param  FrostProof  $proof  of the side on which frost came closest */
    public function __construct(
        public Design $design,
        public FrostProof $proof,
    ) {}

    public function holds(): bool
    {
        return $this->proof->margin >= $this->proof->close();
    }

    /** Board of wing and outer edge for a metre of edge, m³. */
    public static function board(Design $d): float
    {
        return $d->wing->layer->thickness * $d->wing->width + $d->edgeOutside->layer->thickness * $d->edgeOutside->depthBelowGrade;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $d = $this->design;

        return [
            'wing_width_m' => $d->wing->present() ? $d->wing->width : 0.0,
            'wing_thickness_m' => $d->wing->present() ? $d->wing->layer->thickness : 0.0,
            'edge_thickness_m' => $d->edgeOutside->layer->thickness,
            'board_m3_m' => round(self::board($d), 5),
            'side' => $this->proof->id(),
            'margin_mm' => is_finite($this->proof->margin) ? round(1000 * $this->proof->margin, 1) : null,
            'day' => Calendar::written($this->proof->day),
            'holds' => $this->holds(),
            'design' => DesignCodec::toArray($d),
        ];
    }
}
