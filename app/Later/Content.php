<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Site\Climate;
use Ondergrond\Site\Site;
use Ondergrond\Version;
use WeakMap;

/** Names what was worked out by all that it hangs on, so that a change of anything makes it another. */
final class Content
{
    /** Of what one kind of work hangs on. */
    public static function of(Kind $kind, Project $project, Option $option): string
    {
        return $kind === Kind::Winters ? self::winter($project, $option) : self::hash($project, $option);
    }

    public static function hash(Project $project, Option $option): string
    {
        return hash('sha256', implode("\n", [
            Version::METHODS, Version::PROGRAM, $project->units->value, self::print($project->site), self::print($option->design),
            $project->materials()->print(),
        ]));
    }

    /** Of what a winter hangs on alone: a limit, a window or a name that is changed discards none. */
    private static function winter(Project $project, Option $option): string
    {
        return hash('sha256', implode("\n", [
            Version::METHODS, Version::PROGRAM, $project->units->value, self::print(self::frost($project->site)),
            self::print($option->design),
            $project->materials()->print(),
        ]));
    }

    /** The site without what no winter reads. */
    private static function frost(Site $site): Site
    {
        /** @var WeakMap<Site, Site>|null $known */
        static $known = null;
        $known ??= new WeakMap;
        // The design day is no day of the design winter.
        $climate = new Climate('', $site->climate->monthly, min($site->climate->monthly));

        return $known[$site] ??= new Site(
            '', $climate, $site->soil, $site->indoor, $site->indoorSwing, $site->heatingLimit, frost: $site->frost,
        );
    }

    /** Of the winter on a job as it was drawn and as it was built. */
    public static function built(Project $project, AsBuilt $built): string
    {
        return hash('sha256', implode("\n", [
            Version::METHODS, Version::PROGRAM, self::print(self::frost($project->site)), self::print($built->drawn),
            self::print($built->design),
        ]));
    }

    /** A page asks for the same ones over and over. */
    private static function print(Site|Design $of): string
    {
        /** @var WeakMap<Site|Design, string>|null $known */
        static $known = null;
        $known ??= new WeakMap;

        return $known[$of] ??= hash(
            'xxh128',
            json_encode(
                $of instanceof Site ? SiteCodec::toArray($of) : DesignCodec::toArray($of),
                JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
                // No file carries these: they follow from the plan, or from what is read on site.
            ).($of instanceof Design && $of->departures->all !== [] ? serialize($of->departures) : ''),
        );
    }
}
