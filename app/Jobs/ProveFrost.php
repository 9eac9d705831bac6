<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Option;
use App\Models\StudyKind;
use App\Support\Content;
use App\Support\Frosts;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RuntimeException;

/** Runs the design winter on an option's sections; stops where the option has changed again meanwhile. */
final class ProveFrost implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 1800;

    public int $uniqueFor = 120;

    /** Days between two looks whether the option is still the same. */
    private const LOOK = 40;

    private const CHANGED = 'the option has changed';

    public function __construct(
        private readonly int $option,
        private readonly string $content,
    ) {
        $this->onQueue(StudyKind::WINTERS);
    }

    public function uniqueId(): string
    {
        return $this->content;
    }

    public function handle(Frosts $frosts): void
    {
        $option = $this->unchanged();
        if ($option === null || $frosts->complete($option->project, $option)) {
            return;
        }
        $days = 0;
        try {
            $frosts->run($option->project, $option, function () use (&$days): void {
                if (++$days % self::LOOK === 0 && $this->unchanged() === null) {
                    throw new RuntimeException(self::CHANGED);
                }
            });
        } catch (RuntimeException $e) {
            if ($e->getMessage() !== self::CHANGED) {
                throw $e;
            }
        }
    }

    private function unchanged(): ?Option
    {
        $option = Option::query()->with('project')->find($this->option);

        return $option !== null && Content::hash($option->project, $option) === $this->content ? $option : null;
    }
}
