<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;

/** Frames that hold openings free in a foam form, and what keeps the air out from the core to the window. */
final readonly class Bucks implements DesignPart
{
    use Remade;

    private const DONE = ['not-said' => 'not said', 'no' => 'open', 'yes' => 'sealed'];

    /**
     * @param  Done  $sized  to the core, so that concrete meets them all round
     * @param  Done  $holes  through which concrete gets under a sill
     * @param  Done  $sloped  the sill outward
     * @param  Done  $toCore  sealed to the core
     * @param  Done  $toLiner  sealed to the sheet or liner
     * @param  Done  $toWindow  the liner sealed to the window
     */
    public function __construct(
        #[Size('openings in the form', words: ['not-said' => 'not said', 'no' => 'none', 'yes' => 'there are some'])]
        public Done $openings = Done::NotSaid,
        #[Size('bucks', words: ['not-said' => 'not said', 'no' => 'not sized to the core', 'yes' => 'sized to the core'])]
        public Done $sized = Done::NotSaid,
        #[Size('under sills', words: ['not-said' => 'not said', 'no' => 'no filling holes', 'yes' => 'filling holes'])]
        public Done $holes = Done::NotSaid,
        #[Size('sills', words: ['not-said' => 'not said', 'no' => 'level', 'yes' => 'sloped outward'])]
        public Done $sloped = Done::NotSaid,
        #[Size('core to buck', words: self::DONE)]
        public Done $toCore = Done::NotSaid,
        #[Size('buck to liner', words: self::DONE)]
        public Done $toLiner = Done::NotSaid,
        #[Size('liner to window', words: self::DONE)]
        public Done $toWindow = Done::NotSaid,
    ) {}

    public function present(): bool
    {
        return $this->openings === Done::Yes;
    }

    /** @return array<string, Done> the line that holds the air, by property */
    public function line(): array
    {
        return ['toCore' => $this->toCore, 'toLiner' => $this->toLiner, 'toWindow' => $this->toWindow];
    }
}
