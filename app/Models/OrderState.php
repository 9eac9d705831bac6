<?php

declare(strict_types=1);

namespace App\Models;

/** What becomes of a line of an order. */
enum OrderState: string
{
    case Asked = 'asked';
    case Ordered = 'ordered';
    case Came = 'came';
    case Short = 'short';
    case Wrong = 'wrong';

    /** Whether the one who takes a delivery says so; the others are the office's. */
    public function isDelivery(): bool
    {
        return in_array($this, [self::Came, self::Short, self::Wrong], true);
    }
}
