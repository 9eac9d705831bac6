<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * One change of an outline each: plan in, plan out. Names of corners stay, a wall keeps the name it begins at, and openings
 * stay where they stand. Lengths in m along the outline as it is drawn.
 */
final class Redraw
{
    /** Round-off of places that were worked out, m. */
    private const DIGITS = 9;

    private const SHORTEST = 0.1;

    private const LONGEST = 500.0;

    /**
     * A new outline over a plan that stands: what is set in it stays, and so do the openings that still have their wall.
     *
     * @throws FaultyInput where something would lie outside
     */
    public static function over(Plan $old, Plan $new): Plan
    {
        $sides = $new->outline->sides();
        $kept = array_filter(
            $old->openings,
            static fn (Opening $o): bool => isset($sides[$o->wall]) && $o->from + $o->width <= $sides[$o->wall]->length(),
        );

        return $old->with([
            'corners' => $new->corners, 'openings' => $new->openings === [] ? $kept : $new->openings, 'face' => $new->face,
        ]);
    }

    /** @throws FaultyInput where there is no such wall */
    public static function beside(Plan $plan, string $wall, WallKind $kind): Plan
    {
        $was = self::side($plan, $wall)->from;
        $of = $plan->corners[$was];
        $own = new Wall($kind, $of->wall->grade, $of->wall->gradeTo, $of->wall->step);

        return $plan->with(['corners' => [...$plan->corners, $was => new Corner($of->x, $of->y, $of->next, $own)]]);
    }

    /**
     * With a corner in a wall, the wall straight on; the second part is known for what the first was.
     *
     * @throws FaultyInput where it lies at an end, or in an opening
     */
    public static function parted(Plan $plan, string $wall, float $along): Plan
    {
        $side = self::side($plan, $wall);
        if ($along < self::SHORTEST / 2 || $along > $side->length() - self::SHORTEST / 2) {
            throw FaultyInput::one(Fault::range("/walls/{$wall}", $along, self::SHORTEST / 2, $side->length() - self::SHORTEST / 2));
        }
        $id = self::free($plan);
        $openings = self::openingsFrom($plan, $wall, $along, $id, $along);
        [$x, $y] = $side->at($along);
        $of = $plan->corners[$wall];
        $corners = $plan->corners;
        $share = $along / $side->length();
        $between = $of->wall->grade + $share * ($of->wall->gradeTo - $of->wall->grade);
        $corners[$wall] = new Corner($of->x, $of->y, $id, new Wall($of->wall->kind, $of->wall->grade, $between, $of->wall->step));
        $corners[$id] = new Corner(
            round($x, self::DIGITS), round($y, self::DIGITS), $of->next,
            new Wall($of->wall->kind, $between, $of->wall->gradeTo, $of->wall->step),
        );

        return $plan->with(['corners' => $corners, 'openings' => $openings]);
    }

    /**
     * With a step in a wall: from there on it lies so far further out (in, for less than 0), and its end moves along the wall
     * that follows.
     *
     * @throws FaultyInput where it cannot
     */
    public static function stepped(Plan $plan, string $wall, float $along, float $out): Plan
    {
        if (abs($out) < 0.01) {
            throw FaultyInput::one(Fault::of("/walls/{$wall}", sprintf('a step of %s m', round($out, 3)), 'a step of 0.01 m or more'));
        }
        $side = self::side($plan, $wall);
        $end = $plan->corners[$side->to];
        $next = self::side($plan, $side->to);
        [[$ux, $uy], [$ix, $iy]] = [$next->direction(), $side->inward()];
        $across = -($ux * $ix + $uy * $iy);
        if (abs($across) < 0.1) {
            throw FaultyInput::one(Fault::of(
                "/walls/{$wall}", 'a wall that goes straight on into the next', 'a step in a wall that ends at a corner',
            ));
        }
        $parted = self::parted($plan, $wall, $along);
        $first = $parted->corners[$wall]->next;
        $second = self::free($parted);
        $corners = $parted->corners;
        $at = $corners[$first];
        $corners[$first] = new Corner($at->x, $at->y, $second, new Wall($at->wall->kind));
        $corners[$second] = new Corner(
            round($at->x - $out * $ix, self::DIGITS), round($at->y - $out * $iy, self::DIGITS), $side->to, $at->wall,
        );
        $t = $out / $across;
        $corners[$side->to] = new Corner(
            round($end->x + $t * $ux, self::DIGITS), round($end->y + $t * $uy, self::DIGITS), $end->next, $end->wall,
        );
        $openings = array_map(static fn (Opening $o): Opening => match (true) {
            $o->wall === $first => $o->in($second, $o->from),
            $o->wall === $side->to => $o->in($side->to, $o->from - $t),
            default => $o,
        }, $parted->openings);

        return $plan->with(['corners' => $corners, 'openings' => $openings]);
    }

    /**
     * A wall as long as that: its end moves along it, with every corner that lies beyond.
     *
     * @throws FaultyInput where it would not close
     */
    public static function lengthened(Plan $plan, string $wall, float $length): Plan
    {
        $side = self::side($plan, $wall);
        if ($length < self::SHORTEST || $length > self::LONGEST) {
            throw FaultyInput::one(Fault::range("/walls/{$wall}", $length, self::SHORTEST, self::LONGEST));
        }
        [$by, [$ux, $uy]] = [$length - $side->length(), $side->direction()];
        $corners = [];
        foreach ($plan->corners as $id => $corner) {
            $moves = $id !== $wall && $side->alongOf($corner->x, $corner->y) >= $side->length() - 1e-6;
            $corners[$id] = $moves ? new Corner(
                round($corner->x + $by * $ux, self::DIGITS), round($corner->y + $by * $uy, self::DIGITS), $corner->next, $corner->wall,
            ) : $corner;
        }

        return $plan->with(['corners' => $corners]);
    }

    /**
     * Without a corner: the wall before it leads on to the next.
     *
     * @throws FaultyInput where an opening stands in its wall, or too few would be left
     */
    public static function without(Plan $plan, string $corner): Plan
    {
        self::side($plan, $corner);
        if (count($plan->corners) <= 3) {
            throw FaultyInput::one(Fault::of("/corners/{$corner}", 'the last but two', 'three corners at least'));
        }
        foreach ($plan->openings as $opening) {
            if ($opening->wall === $corner) {
                throw FaultyInput::one(Fault::of(
                    "/corners/{$corner}", 'an opening in the wall that begins there', 'a wall without openings: take them out first',
                ));
            }
        }
        $corners = array_map(static fn (Corner $c): Corner => $c->next === $corner
            ? new Corner($c->x, $c->y, $plan->corners[$corner]->next, $c->wall) : $c, $plan->corners);
        unset($corners[$corner]);

        return $plan->with(['corners' => $corners]);
    }

    /** A name that no corner has yet: letters, then N1, N2 … */
    public static function free(Plan $plan): string
    {
        foreach (range('A', 'Z') as $letter) {
            if (! isset($plan->corners[$letter])) {
                return $letter;
            }
        }
        $i = 1;
        while (isset($plan->corners["N{$i}"])) {
            $i++;
        }

        return "N{$i}";
    }

    /** @throws FaultyInput where there is no such wall */
    private static function side(Plan $plan, string $wall): WallLine
    {
        return $plan->outline->sides()[$wall] ?? throw FaultyInput::one(
            Fault::of("/walls/{$wall}", "no wall that begins at {$wall}", implode(', ', array_keys($plan->corners))),
        );
    }

    /**
     * @return array<string, Opening> those beyond a point of a wall put into the wall that begins there
     *
     * @throws FaultyInput where one stands across it
     */
    private static function openingsFrom(Plan $plan, string $wall, float $along, string $into, float $less): array
    {
        return array_map(static function (Opening $o) use ($wall, $along, $into, $less): Opening {
            if ($o->wall !== $wall || $o->from + $o->width <= $along + 1e-9) {
                return $o;
            }
            if ($o->from < $along - 1e-9) {
                throw FaultyInput::one(Fault::of("/walls/{$wall}", "a corner in an opening's width", 'a place beside the openings'));
            }

            return $o->in($into, $o->from - $less);
        }, $plan->openings);
    }
}
