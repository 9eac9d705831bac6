<?php

declare(strict_types=1);

namespace App\Later;

use Illuminate\Database\DatabaseManager;
use Illuminate\Queue\Connectors\ConnectorInterface;

/** Makes the queue that config/queue.php describes. */
final readonly class JobQueueConnector implements ConnectorInterface
{
    public function __construct(private DatabaseManager $connections) {}

    /** @param  array<mixed>  $config */
    public function connect(array $config): JobQueue
    {
        return new JobQueue(
            $this->connections->connection($config['connection']), $config['table'], $config['queue'], $config['retry_after'],
            $config['after_commit'],
        );
    }
}
