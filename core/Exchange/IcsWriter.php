<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use DateTimeInterface;
use DateTimeZone;
use Ondergrond\Sequence\Calendar;
use Ondergrond\Sequence\Schedule;
use Ondergrond\Sequence\Weather;
use Ondergrond\Units\Letters;
use Ondergrond\Version;

/** The order of work as a calendar (RFC 5545): an event a task, in UTC, lines folded at 75 octets. */
final class IcsWriter
{
    /**
     * @param  string  $project  its id: the same task keeps its event when it moves
     * @param  string  $zone  the site's
     */
    public static function write(Schedule $schedule, string $project, string $name, string $zone, DateTimeInterface $now): string
    {
        $lines = [
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Ondergrond//'.Version::PROGRAM.'//EN', 'CALSCALE:GREGORIAN',
            'X-WR-CALNAME:'.self::text($name),
        ];
        foreach ($schedule->tasks as $id => $planned) {
            $task = $planned->task;
            $said = array_filter([
                $planned->isCritical() ? 'Decides when the job is done.' : sprintf('Slack %.1f days.', $schedule->slackDays($planned)),
                $task->hold === null ? '' : "Hold point {$task->hold->number()}: {$task->hold->label()}.",
                $task->caution,
                implode(' ', array_map(static fn (Weather $w): string => $w->limit(), $task->weather)),
            ], static fn (string $line): bool => $line !== '');
            array_push(
                $lines, 'BEGIN:VEVENT', "UID:{$project}-{$id}@ondergrond", 'DTSTAMP:'.self::utc($now),
                'DTSTART:'.self::utc(Calendar::at($planned->start, $zone)), 'DTEND:'.self::utc(Calendar::at($planned->finish, $zone)),
                'SUMMARY:'.self::text($task->name), 'DESCRIPTION:'.self::text(implode("\n", $said)), 'END:VEVENT',
            );
        }

        return implode('', array_map(self::folded(...), [...$lines, 'END:VCALENDAR']));
    }

    private static function utc(DateTimeInterface $moment): string
    {
        return \DateTimeImmutable::createFromInterface($moment)->setTimezone(new DateTimeZone('UTC'))->format('Ymd\THis\Z');
    }

    private static function text(string $text): string
    {
        return strtr(Letters::plain($text), ['\\' => '\\\\', ';' => '\\;', ',' => '\\,', "\r\n" => '\\n', "\n" => '\\n']);
    }

    private static function folded(string $line): string
    {
        $out = '';
        $width = 0;
        foreach (mb_str_split($line) as $letter) {
            if ($width + strlen($letter) > 75) {
                $out .= "\r\n ";
                $width = 1;
            }
            $out .= $letter;
            $width += strlen($letter);
        }

        return $out."\r\n";
    }
}
