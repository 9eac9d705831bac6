<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\StateCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;

/**
 * A state that an option, or a project's site, once had: who put it there, when and how. Never changed, only added.
 *
 * @property int $id
 * @property int $project_id
 * @property int|null $option_id null for the project's own name and site
 * @property Subject $subject what it is a state of
 * @property int|null $of_id the revision that was taken back, put back or returned to
 * @property RevisionKind $kind
 * @property string $who
 * @property string|null $sitting the signed-in session in which it was made
 * @property array<string, mixed> $state
 * @property CarbonImmutable $created_at
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['project_id', 'option_id', 'subject', 'of_id', 'kind', 'who', 'sitting', 'state'];

    protected $casts = [
        'subject' => Subject::class,
        'kind' => RevisionKind::class,
        'state' => StateCast::class,
        'created_at' => 'immutable_datetime',
    ];

    public function design(): Design
    {
        $design = $this->state['design'];

        return DesignCodec::fromValid(
            $design, Project::materialsOf($this->project_id, json_encode($design, JSON_THROW_ON_ERROR)),
        );
    }
}
