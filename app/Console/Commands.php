<?php

declare(strict_types=1);

namespace App\Console;

use Symfony\Component\Console\Command\Command;

/** What bin/ondergrond knows. */
final class Commands
{
    /** @return list<Command> */
    public static function all(): array
    {
        return [
            new AssessCommand, new FieldCommand, new ClimateCommand, new MassCommand, new LayersCommand, new VapourCommand,
            new EvaporationCommand, new InspectCommand, new FamiliesCommand, new ExampleCommand, new CompareCommand,
            new FrostCommand, new WingCommand, new GainCommand, new SearchCommand, new RulesCommand, new SizesCommand,
            new PlanCommand, new SquareCommand,
            new LevelsCommand, new RegisterCommand, new OrderCommand, new SequenceCommand, new LogCommand, new AsBuiltCommand,
            new PackCommand, new BackupCommand, new RestoreCommand,
        ];
    }
}
