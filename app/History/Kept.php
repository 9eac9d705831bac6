<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Revision;
use App\Models\Subject;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Ondergrond\Fault\FaultyInput;

/** What keeps its history: an option, or a project with its site. Implemented by models. */
interface Kept
{
    /** @return HasMany<Revision, covariant Model> its own, none of its parts' */
    public function revisions(): HasMany;

    public function projectId(): int;

    public function subject(): Subject;

    /** @return array<string, mixed> as it is, in the shape of project files */
    public function state(): array;

    /**
     * A state as pages show it: with what follows from elsewhere. What is typed there is held against that.
     *
     * @param  array<string, mixed>  $state
     * @return array<string, mixed>
     */
    public function asShown(array $state): array;

    /**
     * Becomes what the state says, unsaved.
     *
     * @param  array<string, mixed>  $state
     *
     * @throws FaultyInput with pointers beginning at the state
     */
    public function take(array $state): void;
}
