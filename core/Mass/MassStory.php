<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Design\Design;
use Ondergrond\Mass\Question\Answer;
use Ondergrond\Mass\Question\ClearDay;
use Ondergrond\Mass\Question\CoastDown;
use Ondergrond\Mass\Question\HotSpell;
use Ondergrond\Mass\Question\NightSetBack;
use Ondergrond\Mass\Question\SurplusPower;
use Ondergrond\Mass\Question\WarmUp;
use Ondergrond\Mass\Question\WholeYear;
use Ondergrond\Site\Site;

/** What the rooms over a design do through hours and days. */
final readonly class MassStory
{
    /** Slugs of all that may be answered; surplus power only where the floor takes any. */
    public const QUESTIONS = ['heating-stops', 'night-set-back', 'warm-up', 'clear-winter-day', 'surplus-power', 'heat-spell', 'year'];

    /**
     * @param  array<string, Answer>  $answers  by their slugs
     * @param  list<FloorVariant>  $variants  the floor as it is first; empty where they were not asked for
     */
    private function __construct(
        public Room $room,
        public array $answers,
        public array $variants,
    ) {}

    /** Only how long the rooms stay warm without heating: a tenth of a second or two. */
    public static function cold(Site $site, Design $design): self
    {
        $room = Room::of($site, $design);

        return self::told($room, [CoastDown::ask($room)], []);
    }

    /** Everything: two or three seconds. */
    public static function whole(Site $site, Design $design): self
    {
        $room = Room::of($site, $design);

        return self::told(
            $room,
            array_values(array_filter(array_map(static fn (string $question): ?Answer => self::answer($room, $question), self::QUESTIONS))),
            FloorVariant::all($room),
        );
    }

    /** One question's; null where it is none, or does not arise. */
    public static function answer(Room $room, string $question): ?Answer
    {
        return match ($question) {
            'heating-stops' => CoastDown::ask($room),
            'night-set-back' => NightSetBack::ask($room),
            'warm-up' => WarmUp::ask($room),
            'clear-winter-day' => ClearDay::ask($room),
            'surplus-power' => SurplusPower::ask($room),
            'heat-spell' => HotSpell::ask($room),
            'year' => WholeYear::ask($room),
            default => null,
        };
    }

    /**
     * @param  list<Answer>  $answers
     * @param  list<FloorVariant>  $variants
     */
    private static function told(Room $room, array $answers, array $variants): self
    {
        return new self($room, array_combine(array_map(static fn (Answer $a): string => $a->slug, $answers), $answers), $variants);
    }
}
