<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Option;
use App\Support\Content;
use App\Support\Masses;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Simulates the rooms over an option, all of it or how they cool alone, unless it has changed again meanwhile. */
final class TellMass implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 300;

    public int $uniqueFor = 60;

    public function __construct(
        private readonly int $option,
        private readonly string $content,
        private readonly bool $whole = true,
    ) {}

    public function uniqueId(): string
    {
        return $this->content.($this->whole ? '' : ':cold');
    }

    public function handle(Masses $masses): void
    {
        $option = Option::query()->with('project')->find($this->option);
        if ($option !== null && Content::hash($option->project, $option) === $this->content) {
            $this->whole ? $masses->told($option->project, $option) : $masses->cooled($option->project, $option);
        }
    }
}
