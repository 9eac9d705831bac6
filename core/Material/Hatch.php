<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** How a cut material is drawn; the strokes are in Drawing. */
enum Hatch: string
{
    case Concrete = 'concrete';
    case Foam = 'foam';
    case DenseFoam = 'dense-foam';
    case Wool = 'wool';
    case Stone = 'stone';
    case Timber = 'timber';
    case Lining = 'lining';
    case Render = 'render';
    case Sheet = 'sheet';
    case Screed = 'screed';
    case Masonry = 'masonry';
    case Sand = 'sand';
    case Soil = 'soil';
    case Air = 'air';
    case Metal = 'metal';
}
