<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Material\Materials;
use Ondergrond\Version;

/** Names what was worked out by all that it hangs on, so that a change of anything makes it another. */
final class Content
{
    /** What is kept by content is kept so long, s. */
    public const KEPT = 30 * 86_400;

    public static function hash(Project $project, Option $option): string
    {
        return hash('sha256', json_encode([
            Version::METHODS, Version::PROGRAM, $project->units->value, SiteCodec::toArray($project->site), DesignCodec::toArray($option->design), Materials::generic()->print(),
        ], JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));
    }
}
