<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** What an item on a drawing stands for; a writer gives each its pen. */
enum Role: string
{
    case Area = 'area';
    case Hatch = 'hatch';
    case Ground = 'ground';
    case Sheet = 'sheet';
    case Airtight = 'airtight';
    case Level = 'level';
    case Datum = 'datum';
    case Dimension = 'dimension';
    case Flag = 'flag';
    case Note = 'note';
    case Handle = 'handle';
    case Isotherm = 'isotherm';
    case Frost = 'frost';
    case Ice = 'ice';
    case Ledge = 'ledge';
    case Middle = 'middle';
    case Boundary = 'boundary';
    case Water = 'water';
    case Condensation = 'condensation';
    case Named = 'named';
    case Question = 'question';
    case Joint = 'joint';
    case Service = 'service';
}
