<?php

declare(strict_types=1);

namespace App\Forms;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\PartCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Design\Typical;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Material;
use Ondergrond\Material\Place;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\TimeZones;
use Ondergrond\Units\QuantityFormatter;

/**
 * A change of the bench that is no field: a school to follow (`school:frost:wing`), a layer more or less in a list
 * (`add:lining.layers`, `remove:lining.layers:0`), a part put in or taken out (`put:wing`, `out:wing`), a finding's remedy
 * (`remedy:sheet-turned-up`), something said that a rule lacks (`say:sheet.joints:taped`), a rule set aside with a reason or
 * taken back (`set-aside:pest-shield`, `take-back:pest-shield`).
 */
final readonly class Act
{
    /** Of a layer that is new, m. */
    private const NEW_LAYER = 0.05;

    private const SHORTEST_REASON = 3;

    private const LONGEST_REASON = 500;

    /** @param  array<array-key, mixed>  $reasons  for setting rules aside, as they were typed, by rule */
    public function __construct(
        private Project $project,
        private Option $option,
        private QuantityFormatter $format,
        private string $who,
        private array $reasons,
    ) {}

    /**
     * @param  array<string, mixed>  $state  of an option
     * @return array<string, mixed>
     *
     * @throws ValidationException where there is no such act, or the parts cannot be built so
     */
    public function on(array $state, string $act): array
    {
        $words = explode(':', $act);
        [$of, $what] = [$words[0], $words[1] ?? ''];
        if ($of === 'set-aside' || $of === 'take-back') {
            return [...$state, 'set_aside' => $this->setAside($state['set_aside'], $of, $what)];
        }
        try {
            $done = match ($of) {
                'school' => $this->school($state['design'], $what, $words[2] ?? ''),
                'add' => $this->added($state['design'], $what),
                'remove' => $this->removed($state['design'], $what, (int) ($words[2] ?? -1)),
                'remedy' => $this->remedied($state['design'], $what),
                'put' => $this->put($state['design'], $what, true),
                'out' => $this->put($state['design'], $what, false),
                'say' => $this->told($state['design'], $what, $words[2] ?? ''),
                default => null,
            };
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(FaultMessages::of($e, $this->format, 'design.'));
        }

        return [...$state, 'design' => $done ?? throw ValidationException::withMessages(['act' => 'There is no such change.'])];
    }

    /**
     * @param  array<string, mixed>  $design
     * @return array<string, mixed>
     */
    private function remedied(array $design, string $rule): array
    {
        $now = $this->read($design);
        // What hangs on the field is solved for; the rest is judged at once.
        $asked = Rulebook::find($rule);
        $remedy = match (true) {
            $asked === null => null,
            $asked->hangsOnField() => Assessor::assess($this->project->site, $now, $this->project->units)->judgement->find($rule)
                ?->finding->remedy,
            default => Rulebook::finding($asked, new Subject($this->project->site, $now, $this->project->units))?->remedy,
        };

        return DesignCodec::toArray(
            ($remedy ?? throw ValidationException::withMessages(['act' => 'Nothing is left to remedy there.']))->applied($now),
        );
    }

    /**
     * @param  array<string, mixed>  $now
     * @return array<string, mixed>
     */
    private function setAside(array $now, string $of, string $rule): array
    {
        if ($of === 'take-back') {
            return array_diff_key($now, [$rule => true]);
        }
        $reason = $this->reasons[$rule] ?? '';
        $reason = is_string($reason) ? trim($reason) : '';
        if (Rulebook::find($rule) === null) {
            throw ValidationException::withMessages(['act' => 'There is no such rule.']);
        }
        if (mb_strlen($reason) < self::SHORTEST_REASON || mb_strlen($reason) > self::LONGEST_REASON) {
            throw ValidationException::withMessages(
                [
                    'reason.'.$rule => sprintf(
                        'A rule is set aside with a reason. Allowed: %d to %d characters.',
                        self::SHORTEST_REASON,
                        self::LONGEST_REASON,
                    ),
                ],
            );
        }

        return [...$now, $rule => ['reason' => $reason, 'by' => $this->who, 'on' => TimeZones::day(now(), $this->project->site->timeZone)]];
    }

    /**
     * @param  array<string, mixed>  $design
     * @return array<string, mixed>|null
     */
    private function school(array $design, string $slug, string $answer): ?array
    {
        $school = Schools::all()[$slug] ?? null;
        $now = $this->read($design);

        return $school === null || $school->answer($now) === null || ! isset($school->answers()[$answer])
            ? null
            : DesignCodec::toArray($school->follow($now, $answer));
    }

    /**
     * @param  array<string, mixed>  $design
     * @return array<string, mixed>|null
     */
    private function added(array $design, string $list): ?array
    {
        $layers = Arr::get($design, $list);
        if (! is_array($layers) || ! array_is_list($layers) || substr_count($list, '.') !== 1) {
            return null;
        }
        $of = SizePath::said($list)?->of;
        if ($of !== null) {
            Arr::set($design, $list, [...$layers, PartCodec::toArray(new $of)]);

            return DesignCodec::toArray($this->read($design));
        }
        $place = Part::tryFrom(explode('.', $list)[0])?->place() ?? Place::Wall;
        $materials = $this->project->materials()->for($place);
        $layer = [...array_filter($materials, static fn (Material $m): bool => $m->insulates()), ...$materials][0];
        Arr::set($design, $list, [...$layers, ['material' => $layer->slug, 'thickness_m' => self::NEW_LAYER]]);

        return DesignCodec::toArray($this->read($design));
    }

    /**
     * @param  array<string, mixed>  $design
     * @return array<string, mixed>|null
     */
    private function removed(array $design, string $list, int $number): ?array
    {
        $layers = Arr::get($design, $list);
        if (! is_array($layers) || ! isset($layers[$number])) {
            return null;
        }
        array_splice($layers, $number, 1);
        Arr::set($design, $list, $layers);

        return DesignCodec::toArray($this->read($design));
    }

    /**
     * @param  array<string, mixed>  $design
     * @param  bool  $in  put in as it is commonly built, else taken out
     * @return array<string, mixed>|null
     */
    private function put(array $design, string $slug, bool $in): ?array
    {
        $part = Part::tryFrom($slug);
        $now = $this->read($design);
        $typical = new Typical($now, $this->format->system);
        $then = $part === null ? null : ($in ? $typical->of($part) : $typical->without($part));

        return $part === null || $then === null ? null : DesignCodec::toArray($now->with([$part->property() => $then]));
    }

    /**
     * @param  array<string, mixed>  $design
     * @return array<string, mixed>|null
     */
    private function told(array $design, string $path, string $answer): ?array
    {
        if (! isset(SizePath::said($path)?->choices()[$answer]) || ! is_string(Arr::get($design, $path))) {
            return null;
        }
        Arr::set($design, $path, $answer);

        return DesignCodec::toArray($this->read($design));
    }

    /** @param  array<string, mixed>  $design */
    private function read(array $design): Design
    {
        return $this->option->planned(DesignCodec::fromArray($design, $this->project->materials()));
    }
}
