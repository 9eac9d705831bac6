<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Design;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Field\Substance;

/**
 * The wall of a permanent foam form cut level: half the way from one web to the next, webs through the foam, core between. Its R
 * without films by the field (ISO 10211:2007), beside that of faces with webs by their share of area, which the program reckons
 * with, and of foam without webs. The two methods are shown beside each other.
 */
final readonly class FormWebs
{
    /** Surface resistances, m²K/W (ISO 6946:2017, table 7, level). */
    private const INSIDE = 0.13;

    private const OUTSIDE = 0.04;

    /**
     * @param  float  $byField  R without films, m²K/W
     * @param  float  $byArea  the same with each face's webs by their share of its area
     * @param  float  $bare  without webs
     */
    private function __construct(
        public float $byField,
        public float $byArea,
        public float $bare,
    ) {}

    /** Null where there is no form. */
    public static function of(Design $design): ?self
    {
        if (! $design->form->present() || ! $design->stem->present()) {
            return null;
        }
        $form = $design->form;
        $core = $design->stem->layer->resistance();
        $flow = Solution::of(self::problem($design))->steady->flows['inside'] / ($form->webSpacing / 2);

        return new self(
            1 / $flow - self::INSIDE - self::OUTSIDE,
            $core + $form->inner()->resistance() + $form->outer()->resistance(),
            $core + ($form->inside + $form->outside) / $form->material->conductivity,
        );
    }

    /** One kelvin between room and outside; x along the wall from the middle of a web, y from the room outward. */
    public static function problem(Design $design): Problem
    {
        $form = $design->form;
        $half = $form->webSpacing / 2;
        $web = min($half, $form->webThickness / 2);
        $core = $design->stem->layer;
        $patches = [];
        $y = 0.0;
        foreach ([[$form->inside, true], [$core->thickness, false], [$form->outside, true]] as [$thick, $isFoam]) {
            if ($thick <= 0.0) {
                continue;
            }
            $patches[] = Patch::rectangle(
                new Substance($isFoam ? 'foam' : 'core', $isFoam ? $form->material->conductivity : $core->material->conductivity), 0.0, $y,
                $half, $y + $thick,
            );
            if ($isFoam && $web > 0.0) {
                $patches[] = Patch::rectangle(new Substance('web', $form::WEB), 0.0, $y, $web, $y + $thick);
            }
            $y += $thick;
        }

        return Problem::of($patches, [
            Boundary::temperature('inside', 0.0, 0.0, $half, 0.0, 1.0, self::INSIDE),
            Boundary::temperature('outside', 0.0, $y, $half, $y, 0.0, self::OUTSIDE),
        ], accuracy: 0.001);
    }
}
