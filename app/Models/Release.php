<?php

declare(strict_types=1);

namespace App\Models;

use App\History\History;
use App\History\Kept;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Ondergrond\History\Changes;
use Ondergrond\History\ChangeWords;
use Ondergrond\Project\DesignChange;
use Ondergrond\Project\Release as CoreRelease;
use Ondergrond\Units\QuantityFormatter;

/**
 * The option that gets built. After it is ordered or logged its design is changed by a change, with a reason, alone.
 *
 * @property int $id
 * @property int $project_id
 * @property int $option_id
 * @property int $revision_id of the design that is released
 * @property string $by
 * @property list<string> $open
 * @property list<array{why: string, what: string, by: string, at: string}> $changes
 * @property array<string, int> $heads ids of the revisions that are released: of `design`, `plan`, `layout`
 * @property string $changing why it is being changed right now; empty: it is not
 * @property CarbonImmutable $created_at
 * @property-read Option $option
 */
final class Release extends Model
{
    protected $fillable = ['option_id', 'revision_id', 'by', 'open', 'changes', 'changing', 'heads'];

    protected $casts = ['open' => 'array', 'changes' => 'array', 'heads' => 'array', 'created_at' => 'immutable_datetime'];

    protected $attributes = ['open' => '[]', 'changes' => '[]', 'changing' => '', 'heads' => '{}'];

    /** @return BelongsTo<Option, $this> */
    public function option(): BelongsTo
    {
        return $this->belongsTo(Option::class);
    }

    /**
     * As it stands now, of an option: what a release is of.
     *
     * @return array<string, Revision> by `design`, `plan`, `layout`
     */
    public static function headsOf(Option $option): array
    {
        $plan = $option->isOnItsOwn() ? $option->ownPlan : $option->project->loadMissing('drawnPlan')->drawnPlan;
        $layout = $option->loadMissing('drawnLayout')->drawnLayout;

        return [
            'design' => History::head($option), ...($plan === null ? [] : ['plan' => History::head($plan)]),
            ...($layout === null ? [] : ['layout' => History::head($layout)]),
        ];
    }

    /** @return array<string, int> which revision of design, plan and layout it is of, counted from the first */
    public function numbers(): array
    {
        $numbers = [];
        foreach ($this->heads as $of => $id) {
            $head = Revision::query()->whereKey($id)->first();
            if ($head !== null) {
                $numbers[$of] = Revision::query()->where('project_id', $head->project_id)->where('subject', $head->subject)
                    ->where('option_id', $head->option_id)->where('id', '<=', $id)->count();
            }
        }

        return $numbers;
    }

    /**
     * What differs between what is released and what stands now.
     *
     * @param  array<string, Revision>  $now
     * @return list<string> in words
     */
    public function differences(array $now, QuantityFormatter $format): array
    {
        $items = [...$now['plan']->state['plan']['items'] ?? [], ...$now['layout']->state['layout'] ?? []];
        $words = new ChangeWords(
            $format, array_map(static fn (mixed $item): string => is_array($item) ? (string) ($item['name'] ?? '') : '', $items),
        );
        $lines = [];
        foreach ($now as $of => $head) {
            $was = $this->heads[$of] ?? ($of === 'design' ? $this->revision_id : null);
            $before = $was === null ? null : Revision::query()->whereKey($was)->first();
            if ($before !== null && $before->id !== $head->id) {
                $lines = [...$lines, ...$words->lines(Changes::between($before->state, $head->state))];
            }
        }

        return $lines;
    }

    /** Whether the design may not be changed: it is released, and no change is under way. */
    public function holdsFast(): bool
    {
        return $this->changing === '';
    }

    /** Whether that may not be changed now. */
    public function holds(Kept $subject): bool
    {
        return $this->holdsFast() && match ($subject->subject()) {
            Subject::Site => false,
            Subject::Plan => $subject instanceof Plan && ($subject->option_id === null
                ? ! $this->option->isOnItsOwn() : $subject->option_id === $this->option_id),
            Subject::Design => $subject instanceof Option && $subject->id === $this->option_id,
            Subject::Layout => $subject instanceof Layout && $subject->option_id === $this->option_id,
        };
    }

    public function toCore(): CoreRelease
    {
        return new CoreRelease(
            $this->option->ulid, $this->by, $this->created_at->utc()->format('Y-m-d\TH:i:s\Z'), $this->open,
            array_map(static fn (array $c): DesignChange => new DesignChange($c['why'], $c['what'], $c['by'], $c['at']), $this->changes),
        );
    }
}
