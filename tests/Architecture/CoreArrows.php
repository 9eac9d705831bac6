<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The arrows of docs/architecture.md, checked by the static analysis. */
final class CoreArrows
{
    /** Each part of the core may use itself and those named here, nothing else of the core. */
    private const MAY_USE = [
        'Units' => [],
        'Fault' => ['Units'],
        'Verdict' => [],
        'Material' => ['Units'],
        'Size' => ['Units'],
        'Site' => ['Size', 'Units'],
        'Design' => ['Fault', 'Material', 'Size', 'Units'],
        'Codec' => ['Design', 'Fault', 'Material', 'Site', 'Size', 'Units'],
        'Section' => ['Design', 'Fault', 'Material'],
        'Field' => ['Fault'],
        'Ground' => ['Design', 'Field', 'Material', 'Section', 'Site'],
        'Drawing' => ['Codec', 'Damp', 'Design', 'Field', 'Frost', 'Ground', 'Material', 'Section', 'Site', 'Units'],
        'Heat' => ['Design', 'Field', 'Ground', 'Material', 'Section', 'Site', 'Units', 'Verdict'],
        'Frost' => ['Design', 'Field', 'Ground', 'Material', 'Section', 'Site', 'Units', 'Verdict'],
        'Damp' => ['Design', 'Fault', 'Field', 'Ground', 'Material', 'Section', 'Site', 'Verdict'],
        'Sun' => ['Fault', 'Site'],
        'Mass' => ['Design', 'Fault', 'Field', 'Frost', 'Heat', 'Material', 'Section', 'Site', 'Sun'],
        'FloorHeating' => ['Design', 'Field', 'Heat', 'Mass', 'Site', 'Verdict'],
        'Load' => ['Design', 'Material', 'Section', 'Site', 'Verdict'],
        'Inspection' => ['Damp'],
        'Safety' => ['Design', 'Section', 'Site'],
        'Rules' => ['Codec', 'Damp', 'Design', 'Fault', 'FloorHeating', 'Frost', 'Heat', 'Load', 'Material', 'Project', 'Section', 'Site', 'Units', 'Verdict'],
        'Project' => ['Design', 'Inspection', 'Site', 'Units'],
        'Exchange' => ['Codec', 'Damp', 'Design', 'Drawing', 'Fault', 'Field', 'FloorHeating', 'Frost', 'Ground', 'Heat', 'Inspection', 'Load', 'Mass', 'Material', 'Project', 'Rules', 'Safety', 'Section', 'Site', 'Units', 'Verdict'],
        'Glossary' => [],
        'History' => ['Codec', 'Design', 'Exchange', 'Material', 'Site', 'Units'],
        'Compare' => ['Codec', 'Damp', 'Design', 'Exchange', 'FloorHeating', 'Frost', 'Heat', 'History', 'Load', 'Mass', 'Project', 'Rules', 'Site', 'Units'],
        'Takeoff' => ['Design', 'Fault', 'Material', 'Section'],
        'Gain' => ['Codec', 'Design', 'Exchange', 'Fault', 'Ground', 'Heat', 'Material', 'Rules', 'Section', 'Site', 'Takeoff', 'Units'],
        'Search' => ['Codec', 'Design', 'Exchange', 'Fault', 'Frost', 'Ground', 'Heat', 'Project', 'Rules', 'Section', 'Site', 'Takeoff', 'Units'],
        'Sizing' => ['Codec', 'Design', 'Exchange', 'Fault', 'Frost', 'Material', 'Rules', 'Section', 'Site', 'Units'],
        'Examples' => ['Codec', 'Design', 'Exchange', 'Inspection', 'Project', 'Site', 'Units'],
    ];

    #[TestRule]
    public function coreKnowsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Ondergrond'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Laravel'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Database'),
            )
            ->because('the core is plain PHP and stands alone');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function arrowsRunOneWay(): iterable
    {
        foreach (self::MAY_USE as $part => $others) {
            $forbidden = array_diff(array_keys(self::MAY_USE), [$part], $others);
            yield PHPat::rule()
                ->classes(Selector::inNamespace('Ondergrond\\'.$part))
                ->shouldNotDependOn()
                ->classes(...array_map(
                    static fn (string $other) => Selector::inNamespace('Ondergrond\\'.$other),
                    array_values($forbidden),
                ))
                ->because('the arrows of docs/architecture.md run one way');
        }
    }
}
