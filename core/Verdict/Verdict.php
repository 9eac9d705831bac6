<?php

declare(strict_types=1);

namespace Ondergrond\Verdict;

/** The words a judged result can carry. */
enum Verdict: string
{
    case Holds = 'holds';
    case Close = 'close';
    case Fails = 'fails';
    /** Two methods stand on two sides of the limit. */
    case Disputed = 'disputed';
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

    /** As every page says it. */
    public function said(): string
    {
        return match ($this) {
            self::Holds => 'limit met',
            self::Shown => 'no limit set',
            default => $this->value,
        };
    }

    /** Gravest first: the one that stands of several. */
    public function rank(): int
    {
        return match ($this) {
            self::Fails => 0,
            self::Disputed => 1,
            self::NotChecked => 2,
            self::Close => 3,
            self::Holds => 4,
            self::Shown => 5,
        };
    }

    /** The gravest of several; shown where there is none. */
    public static function gravest(self ...$words): self
    {
        usort($words, static fn (self $a, self $b): int => $a->rank() <=> $b->rank());

        return $words[0] ?? self::Shown;
    }
}
