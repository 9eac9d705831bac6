<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use LogicException;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Sleeve;

/** The kinds of item that a plan may have. */
enum ItemKind: string
{
    case Post = 'post';
    case Sleeve = 'sleeve';
    case Drain = 'drain';
    case Joint = 'joint';

    /** @return class-string<Item> whose constructor says its sizes */
    public function type(): string
    {
        return match ($this) {
            self::Post => Post::class,
            self::Sleeve => Sleeve::class,
            self::Drain => DrainRun::class,
            self::Joint => ControlJoint::class,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Post => 'Post',
            self::Sleeve => 'Sleeve',
            self::Drain => 'Drain run',
            self::Joint => 'Control joint',
        };
    }

    /** Whether it is drawn from one end to another. */
    public function isRun(): bool
    {
        return $this === self::Drain || $this === self::Joint;
    }

    /** @param  class-string<Item>  $type */
    public static function of(string $type): self
    {
        foreach (self::cases() as $kind) {
            if ($kind->type() === $type) {
                return $kind;
            }
        }
        throw new LogicException("{$type} is no kind of item: name it in ItemKind");
    }
}
