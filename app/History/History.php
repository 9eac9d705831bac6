<?php

declare(strict_types=1);

namespace App\History;

use App\Database\Lock;
use App\Models\Release;
use App\Models\Revision;
use App\Models\RevisionKind;
use App\Models\User;
use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use LogicException;
use Ondergrond\History\Changes;

/**
 * Every save goes through here: it adds a revision, and refuses to lay a page that was loaded earlier over what somebody
 * saved since. Undo and redo walk back through what this person did in this sitting, however much that was.
 */
final readonly class History
{
    private const SITTING = 'sitting';

    public function __construct(private Session $session) {}

    public static function head(Kept $subject): Revision
    {
        return $subject->revisions()->latest('id')->firstOrFail();
    }

    public function begin(Kept&Model $subject, string $who): void
    {
        $this->add($subject, RevisionKind::Made, $who);
    }

    /**
     * @param  int  $base  the revision that the person's page was made from
     * @param  Closure(array<string, mixed>): array<string, mixed>  $change  what pages show of that revision to what the person wants
     * @param  int|null  $seen  the revision whose changes the person has been shown and keeps theirs over
     * @param  bool  $beside  whether what others changed elsewhere is taken as it is, without asking
     *
     * @throws Conflict
     * @throws ValidationException
     */
    public function change(Kept&Model $subject, int $base, Closure $change, ?int $seen = null, bool $beside = false): Revision
    {
        return $this->locked($subject, function () use ($subject, $base, $change, $seen, $beside): Revision {
            $head = self::head($subject);
            $based = $base === $head->id ? $head : $subject->revisions()->whereKey($base)->first();
            if (! $based instanceof Revision) {
                throw ValidationException::withMessages(
                    ['revision' => 'This page is too old to save from. Load it again; nothing was changed.'],
                );
            }
            // Each is unpacked once.
            $from = $based->state;
            $now = $based === $head ? $from : $head->state;
            $mine = self::wanted($subject, $from, $change);
            if ($mine->none()) {
                return $head;
            }
            $theirs = Changes::between($from, $now);
            $asks = $beside ? ! $mine->against($theirs)->none() : ! $theirs->none();
            if ($asks && $seen !== $head->id) {
                throw new Conflict($head, $this->others($subject, $based), $mine, $theirs);
            }

            return $this->write($subject, $mine->on($now), RevisionKind::Edit);
        });
    }

    /**
     * What somebody changes of a state: the difference to what pages showed of it.
     *
     * @param  array<string, mixed>  $state
     * @param  Closure(array<string, mixed>): array<string, mixed>  $change  from what is shown to what the person wants
     */
    public static function wanted(Kept $subject, array $state, Closure $change): Changes
    {
        $shown = $subject->asShown($state);

        return Changes::between($shown, $change($shown));
    }

    /** @throws Conflict where somebody has changed the same since */
    public function undo(Kept&Model $subject): Revision
    {
        return $this->locked($subject, function () use ($subject): Revision {
            $last = $this->sitting($subject)->undo ?? throw ValidationException::withMessages(
                ['revision' => 'Nothing is left to undo of what you changed in this sitting.'],
            );

            return $this->retrace($subject, $last, $last->state, self::begun($subject, $last)->state, RevisionKind::Undo);
        });
    }

    /** @throws Conflict where somebody has changed the same since */
    public function redo(Kept&Model $subject): Revision
    {
        return $this->locked($subject, function () use ($subject): Revision {
            $last = $this->sitting($subject)->redo ?? throw ValidationException::withMessages(['revision' => 'Nothing is left to redo.']);

            return $this->retrace($subject, $last, self::begun($subject, $last)->state, $last->state, RevisionKind::Redo);
        });
    }

    /** Back to the design of an earlier revision; name and note stay as they are now. */
    public function returnTo(Kept&Model $subject, Revision $point): Revision
    {
        return $this->locked($subject, function () use ($subject, $point): Revision {
            $head = self::head($subject);
            $state = array_replace($head->state, array_intersect_key($point->state, ['design' => true, 'site' => true]));
            if (Changes::between($head->state, $state)->none()) {
                return $head;
            }

            return $this->write($subject, $state, RevisionKind::Return, $point);
        });
    }

    /** What undo and redo would take and give now. */
    public function sitting(Kept $subject): Sitting
    {
        return Sitting::of($subject, $this->name());
    }

    /**
     * @param  array<string, mixed>  $from
     * @param  array<string, mixed>  $to
     */
    private function retrace(Kept&Model $subject, Revision $of, array $from, array $to, RevisionKind $kind): Revision
    {
        $head = self::head($subject);
        $way = Changes::between($from, $to);
        $since = Changes::between($from, $head->state);
        if (! $way->against($since)->none()) {
            throw new Conflict($head, $this->others($subject, $of), $way, $since);
        }

        return $this->write($subject, $way->on($head->state), $kind, $of);
    }

    /** Who saved after that, other than in this sitting; where it was only in this sitting, in another tab, that too has a name. */
    private function others(Kept $subject, Revision $since): string
    {
        $later = $subject->revisions()->where('id', '>', $since->id)->get(['who', 'sitting']);
        $others = $later->where('sitting', '!=', $this->name());

        return ($others->isEmpty() ? $later : $others)->pluck('who')->unique()->join(', ');
    }

    /** The one before; null before the first. */
    public static function before(Kept $subject, Revision $revision): ?Revision
    {
        return $subject->revisions()->where('id', '<', $revision->id)->latest('id')->first();
    }

    private static function begun(Kept $subject, Revision $revision): Revision
    {
        return self::before($subject, $revision) ?? throw new LogicException('what was made first cannot be taken back');
    }

    public function isOfThisSitting(Revision $revision): bool
    {
        return $revision->sitting === $this->name();
    }

    /** @param  array<string, mixed>  $state */
    private function write(Kept&Model $subject, array $state, RevisionKind $kind, ?Revision $of = null): Revision
    {
        $subject->take($state);
        $subject->save();

        return $this->add($subject, $kind, User::current()->name, $of);
    }

    private function add(Kept&Model $subject, RevisionKind $kind, string $who, ?Revision $of = null): Revision
    {
        return $subject->revisions()->create([
            'project_id' => $subject->projectId(),
            'subject' => $subject->subject(),
            'of_id' => $of?->id,
            'kind' => $kind,
            'who' => $who,
            'sitting' => $this->name(),
            'state' => $subject->state(),
        ]);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    private function locked(Kept&Model $subject, Closure $do): mixed
    {
        return Lock::on($subject, static function () use ($subject, $do): mixed {
            $subject->refresh();
            if (Release::query()->where('project_id', $subject->projectId())->first()?->holds($subject) === true) {
                throw ValidationException::withMessages(
                    ['revision' => 'Released to be built, so nothing was changed. Begin a change with its reason first.'],
                );
            }

            return $do();
        });
    }

    private function name(): string
    {
        $name = $this->session->get(self::SITTING);
        if (! is_string($name)) {
            $name = Str::random(20);
            $this->session->put(self::SITTING, $name);
        }

        return $name;
    }
}
