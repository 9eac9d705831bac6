<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Building\BuildingJob;
use App\Later\Content;
use App\Models\HandedPack;
use App\Pdf\Printer;
use DateTimeImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Ondergrond\AsBuilt\Difference;
use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Exchange\PackWriter;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Handover\Dossier;
use Ondergrond\Handover\Pack;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\QuantityFormatter;
use Throwable;

/** Makes a pack: judges the job as drawn and as built, writes it and prints it. */
final class MakePack implements ShouldQueue
{
    use Queueable;

    /** Each ended with its worker; what goes wrong by itself is not tried again. */
    public int $tries = 3;

    public int $maxExceptions = 1;

    /** With the design winter on every stretch, s. */
    public int $timeout = 900;

    public bool $failOnTimeout = true;

    /** @param  string  $pack  its ULID: a number may be another pack's where a backup was restored meanwhile */
    public function __construct(private readonly string $pack)
    {
        // Whoever waits for a figure comes before whoever waits for paper.
        $this->onQueue('packs');
    }

    public function handle(): void
    {
        $pack = HandedPack::query()->where('ulid', $this->pack)->first(HandedPack::ROW);
        if ($pack === null) {
            return;
        }
        $this->say(['stage' => 'judging']);
        $job = BuildingJob::of($pack->project);
        $difference = self::difference($job, $pack->winter);
        if ($difference->margin() !== null) {
            $this->say(['content' => Content::built($job->project, $job->built()), 'margin' => $difference->margin()]);
        }
        $html = self::html($job, $difference, new DateTimeImmutable('@'.now()->getTimestamp()));
        $pack->seal('html', $html);
        $this->say(['stage' => 'printing']);
        $pack->seal('pdf', Printer::pdf($html));
        $this->say(['stage' => 'done']);
    }

    public function failed(?Throwable $e): void
    {
        $this->say(['stage' => 'failed', 'said' => mb_substr($e?->getMessage() ?? 'it broke off', 0, 500)]);
    }

    /** @param  array<string, mixed>  $news */
    private function say(array $news): void
    {
        HandedPack::query()->where('ulid', $this->pack)->update($news);
    }

    /** A job as drawn and as built, judged for paper. */
    public static function difference(BuildingJob $job, bool $winter = false): Difference
    {
        [$site, $built] = [$job->project->site, $job->built()];
        $proofs = static fn (Design $design): array => $winter
            ? iterator_to_array(Assessor::proofs($site, $design, [$site->frost->use]), false)
            : [];
        $before = $proofs($built->drawn);

        return Difference::of(
            $site, $built, $job->project->units, $job->option->setAside(), $before, $built->deviates() ? $proofs($built->design) : $before,
        );
    }

    /** What is handed over of a project, in the units that it is built in, without prices. */
    public static function html(BuildingJob $job, Difference $difference, DateTimeImmutable $now): string
    {
        $photos = [];
        foreach ($job->project->photographs as $photo) {
            $photos[$photo->hash] = $photo->bytes();
        }
        $core = $job->project->toCore();

        return PackWriter::html(Pack::of(new Dossier(
            $core, $core->built() ?? $core->options[0], $difference, $job->built(), $job->order(PriceList::none()), $job->log,
            $job->holds(), new QuantityFormatter($job->project->units), $now, array_keys($photos),
        )), ProjectFile::hash($core), $photos);
    }
}
