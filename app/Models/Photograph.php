<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A photograph of a project, by its SHA-256; whatever told of camera and place is taken out. It lies in the database, so
 * that a backup has it and a purge takes it.
 *
 * @property int $id
 * @property int $project_id
 * @property string $hash
 * @property int $bytes
 * @property int $width
 * @property int $height
 * @property string $content base64, in letters that any tool can carry
 * @property string $taken of the camera's clock; empty where it said none
 * @property CarbonImmutable $created_at
 */
final class Photograph extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['hash', 'bytes', 'width', 'height', 'taken', 'content'];

    protected $hidden = ['content'];

    protected $casts = ['created_at' => 'immutable_datetime'];

    /** The bytes of its JPEG. */
    public function bytes(): string
    {
        return (string) base64_decode($this->content, true);
    }
}
