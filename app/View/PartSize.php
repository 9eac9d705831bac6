<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Design\Anchors;
use Ondergrond\Design\Bucks;
use Ondergrond\Design\Cavity;
use Ondergrond\Design\Deck;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Drains;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\EdgeSteel;
use Ondergrond\Design\Finish;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Form;
use Ondergrond\Design\Heating;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Lining;
use Ondergrond\Design\Loads;
use Ondergrond\Design\Mix;
use Ondergrond\Design\Neighbour;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Pads;
use Ondergrond\Design\Part;
use Ondergrond\Design\PerimeterBoard;
use Ondergrond\Design\Recess;
use Ondergrond\Design\Repairs;
use Ondergrond\Design\Service;
use Ondergrond\Design\SoilGas;
use Ondergrond\Design\Space;
use Ondergrond\Design\Steel;
use Ondergrond\Design\Supports;
use Ondergrond\Design\TakenOut;
use Ondergrond\Design\Walkout;
use Ondergrond\Design\Wall;
use Ondergrond\Design\Wing;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What a part measures, in the few letters that one line has for it: `100 mm`, `400 × 600 mm`. */
final readonly class PartSize
{
    public function __construct(private Design $design, private QuantityFormatter $format) {}

    /** Empty where it is not built. */
    public function of(Part $part): string
    {
        $of = $part->of($this->design);

        return ! $of->present() ? '' : match (true) {
            $of instanceof Repairs => count($of->cracks) === 1 ? '1 crack' : count($of->cracks).' cracks',
            $of instanceof Supports => count($of->kinds()) === 1 ? '1 kind' : count($of->kinds()).' kinds',
            $of instanceof TakenOut => $this->format->format($of->volume(), Quantity::Bulk),
            $of instanceof Layer => $this->sizes($of->thickness),
            $of instanceof Wing, $of instanceof PerimeterBoard => $this->sizes($of->layer->thickness, $of->width),
            $of instanceof OutsideBoard => $this->sizes($of->layer->thickness, $of->depthBelowGrade),
            $of instanceof EdgeBeam, $of instanceof Recess => $this->sizes($of->width, $of->depth),
            $of instanceof Footing, $of instanceof Pads => $this->sizes($of->width, $of->height),
            $of instanceof Cavity => $this->sizes($this->design->stem->cavity(), $of->toBelowFloor),
            $of instanceof Form => $this->sizes($of->inside, $of->outside),
            $of instanceof Drains => $this->sizes(max($of->outer, $of->inner)),
            $of instanceof Service => $this->sizes($of->height),
            $of instanceof SoilGas => $this->sizes($of->pipe),
            $of instanceof Neighbour => $this->sizes($of->width),
            $of instanceof Walkout => $this->sizes($of->drop),
            $of instanceof Anchors => $this->sizes($of->bolt, $of->apart),
            $of instanceof Bucks => in_array(Done::NotSaid, $of->line(), true) ? 'not all said' : 'said',
            $of instanceof EdgeSteel => $this->sizes($of->thickest()),
            $of instanceof Steel => $this->sizes($of->bar, $of->spacing),
            $of instanceof Lining, $of instanceof Deck, $of instanceof Wall => $this->sizes($of->thickness()),
            $of instanceof Heating => $of->in->label(),
            $of instanceof Mix => $of->class->label(),
            // One line has room for no more.
            $of instanceof Space, $of instanceof Finish => mb_strimwidth(explode(',', $of->kind->label())[0], 0, 24, '…'),
            $of instanceof Loads => $this->format->format($of->line + $of->lineLive, Quantity::LineLoad),
            default => $this->thin(get_object_vars($of)),
        };
    }

    /** @param  array<string, mixed>  $of  a part's properties: it has a layer, or is a sheet with a thickness */
    private function thin(array $of): string
    {
        return match (true) {
            ($of['layer'] ?? null) instanceof Layer => $this->sizes($of['layer']->thickness),
            is_float($of['thickness'] ?? null) => $this->format->format($of['thickness'], Quantity::SheetThickness),
            default => '',
        };
    }

    private function sizes(float ...$sizes): string
    {
        $last = array_pop($sizes);

        return implode(' × ', [
            ...array_map(fn (float $size): string => $this->format->number($size, Quantity::Thickness), $sizes),
            $this->format->format((float) $last, Quantity::Thickness),
        ]);
    }
}
