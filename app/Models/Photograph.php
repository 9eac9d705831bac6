<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A photograph of a project: a file by its SHA-256, whatever told of camera and place taken out, and this row.
 *
 * @property int $id
 * @property int $project_id
 * @property string $hash
 * @property int $bytes
 * @property int $width
 * @property int $height
 * @property string $taken of the camera's clock; empty where it said none
 * @property CarbonImmutable $created_at
 */
final class Photograph extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['hash', 'bytes', 'width', 'height', 'taken'];

    protected $casts = ['created_at' => 'immutable_datetime'];

    public function contents(): string
    {
        return (string) @file_get_contents(self::path($this->hash));
    }

    public static function path(string $hash): string
    {
        return storage_path("app/photos/{$hash}.jpg");
    }
}
