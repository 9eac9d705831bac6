<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Later\Content;
use App\Later\Kind;
use App\Later\Later;
use App\Later\Outdated;
use App\Models\Option;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out what follows of an option; ends where the option has changed again meanwhile. */
final class WorkOut implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 1800;

    /** Should the worker be ended meanwhile, it may be asked again after so long, s. */
    public int $uniqueFor = 120;

    /** Between two looks whether the option is still the same, s. */
    private const LOOK = 0.5;

    public function __construct(
        private readonly Kind $kind,
        private readonly int $option,
        private readonly string $content,
    ) {
        $this->onQueue($kind->queue());
    }

    public function uniqueId(): string
    {
        return "{$this->kind->value}:{$this->content}";
    }

    public function handle(Later $later): void
    {
        $option = $this->unchanged();
        $work = $later->work($this->kind);
        if ($option === null || $work->isKnown($option->project, $option)) {
            return;
        }
        $looked = microtime(true);
        try {
            $work->workOut($option->project, $option, function () use (&$looked): void {
                if (microtime(true) - $looked > self::LOOK) {
                    $looked = microtime(true);
                    if ($this->unchanged() === null) {
                        throw new Outdated;
                    }
                }
            });
        } catch (Outdated) {
            // What has changed since is asked for by whoever shows it.
        }
    }

    private function unchanged(): ?Option
    {
        $option = Option::query()->with('project')->find($this->option);

        return $option !== null && Content::of($this->kind, $option->project, $option) === $this->content ? $option : null;
    }
}
