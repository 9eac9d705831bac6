<?php

declare(strict_types=1);

namespace Ondergrond\Verdict;

/** The words a judged result can carry. */
enum Verdict: string
{
    case Holds = 'holds';
    case Close = 'close';
    case Fails = 'fails';
    case NotChecked = 'not checked';
    /** There is no limit to hold it against. */
    case Shown = 'shown';

    /** From this share of the limit on, holding is called close. */
    public const CLOSE_FROM = 0.95;

    /** @param  float|null  $share value ÷ limit, where less is better; null where no limit is set */
    public static function ofShare(?float $share): self
    {
        return match (true) {
            $share === null => self::Shown,
            $share > 1.0 + 1e-9 => self::Fails,
            $share >= self::CLOSE_FROM => self::Close,
            default => self::Holds,
        };
    }
}
