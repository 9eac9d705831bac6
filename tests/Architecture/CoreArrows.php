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
    /** Classes that lie at the core's root. */
    private const ROOT = ['Assessor' => ['Assessor', 'Assessment'], 'Version' => ['Version', 'Caution']];

    /** Each part of the core may use itself and those named here, nothing else of the core. */
    public const MAY_USE = [
        'Version' => [],
        'Numbers' => [],
        'Units' => [],
        'Fault' => ['Units'],
        'Verdict' => [],
        'Material' => ['Size', 'Units'],
        'Size' => ['Units'],
        'Site' => ['Fault', 'Numbers', 'Size', 'Units'],
        'Design' => ['Fault', 'Material', 'Size', 'Units'],
        'Plan' => ['Design', 'Fault', 'Section', 'Size', 'Units', 'Verdict'],
        'Codec' => ['Design', 'Fault', 'Material', 'Plan', 'Site', 'Size', 'Units'],
        'Section' => ['Design', 'Fault', 'Material'],
        'Field' => ['Fault'],
        'Ground' => ['Design', 'Field', 'Material', 'Section', 'Site'],
        'SetOut' => ['Design', 'Fault', 'Plan', 'Section', 'Size', 'Units'],
        'Drawing' => [
            'Codec', 'Damp', 'Design', 'Fault', 'Field', 'Frost', 'Ground', 'Material', 'Plan', 'Section', 'SetOut', 'Site', 'Units',
        ],
        'Heat' => ['Design', 'Field', 'Ground', 'Material', 'Section', 'Site', 'Units', 'Verdict'],
        'Frost' => ['Design', 'Field', 'Ground', 'Material', 'Numbers', 'Section', 'Site', 'Units', 'Verdict'],
        'Damp' => ['Design', 'Fault', 'Field', 'Ground', 'Material', 'Section', 'Site', 'Verdict'],
        'Sun' => ['Fault', 'Site'],
        'Mass' => ['Design', 'Fault', 'Field', 'Frost', 'Heat', 'Material', 'Section', 'Site', 'Sun'],
        'FloorHeating' => ['Design', 'Field', 'Heat', 'Mass', 'Site', 'Verdict'],
        'Load' => ['Design', 'Material', 'Section', 'Site', 'Verdict'],
        'Inspection' => ['Damp'],
        'Safety' => ['Design', 'Section', 'Site'],
        'Rules' => [
            'Codec', 'Damp', 'Design', 'Fault', 'FloorHeating', 'Frost', 'Ground', 'Heat', 'Load', 'Material', 'Project', 'Section',
            'Site', 'Units', 'Verdict',
        ],
        'Project' => ['Design', 'Fault', 'Inspection', 'Logbook', 'Material', 'Plan', 'Site', 'Units'],
        'Exchange' => [
            'AsBuilt', 'Assessor', 'Codec', 'Damp', 'Design', 'Drawing', 'Fault', 'Field', 'FloorHeating', 'Frost', 'Ground',
            'Handover', 'Heat', 'Inspection', 'Load', 'Logbook', 'Mass', 'Material', 'Plan', 'Project', 'Register', 'Rules',
            'Safety', 'Section',
            'Sequence', 'SetOut', 'Site', 'Takeoff', 'Units', 'Verdict',
            'Version',
        ],
        'Glossary' => [],
        'Assessor' => [
            'Damp', 'Design', 'Fault', 'FloorHeating', 'Frost', 'Ground', 'Heat', 'Load', 'Mass', 'Project', 'Rules', 'Section',
            'Site', 'Units',
        ],
        'History' => ['Codec', 'Design', 'Material', 'Site', 'Units'],
        'Compare' => [
            'Assessor', 'Codec', 'Damp', 'Design', 'FloorHeating', 'Frost', 'Heat', 'History', 'Load', 'Mass', 'Project',
            'Rules', 'Site', 'Takeoff', 'Units', 'Verdict',
        ],
        'Takeoff' => ['Design', 'Fault', 'Material', 'Plan', 'Section', 'Units'],
        'Sequence' => ['Design', 'Material', 'Plan', 'Site', 'Takeoff'],
        'Logbook' => ['Design', 'Fault', 'Plan', 'Section', 'Sequence', 'SetOut', 'Size', 'Units'],
        'AsBuilt' => [
            'Assessor', 'Design', 'Fault', 'Frost', 'Logbook', 'Plan', 'Project', 'Rules', 'Section', 'Site', 'Units',
        ],
        'Order' => ['Assessor', 'Codec', 'Design', 'Fault', 'Material', 'Rules', 'Site', 'Units'],
        'Register' => ['Logbook', 'Plan', 'Rules', 'Sequence', 'Units', 'Verdict'],
        'Handover' => [
            'AsBuilt', 'Assessor', 'Design', 'Drawing', 'Logbook', 'Plan', 'Project', 'Rules', 'Safety', 'Section', 'SetOut', 'Site',
            'Takeoff', 'Units', 'Verdict', 'Version',
        ],
        'Gain' => [
            'Assessor', 'Codec', 'Design', 'Fault', 'Ground', 'Heat', 'Material', 'Rules', 'Section', 'Site', 'Takeoff', 'Units', 'Verdict',
        ],
        'Search' => [
            'Assessor', 'Codec', 'Design', 'Fault', 'Frost', 'Ground', 'Heat', 'Material', 'Project', 'Rules', 'Section', 'Site', 'Takeoff',
            'Units', 'Verdict',
        ],
        'Sizing' => ['Assessor', 'Codec', 'Design', 'Fault', 'Frost', 'Material', 'Rules', 'Section', 'Site', 'Units', 'Verdict'],
        'Examples' => [
            'Codec', 'Design', 'Fault', 'Inspection', 'Logbook', 'Material', 'Plan', 'Project', 'Sequence', 'SetOut', 'Site', 'Takeoff',
            'Units',
        ],
    ];

    #[TestRule]
    public function coreKnowsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Ondergrond'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Illuminate'), Selector::inNamespace('Laravel'), Selector::inNamespace('Symfony'),
                Selector::inNamespace('App'), Selector::inNamespace('Database'),
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
                ->classes(...self::classes($part))
                ->shouldNotDependOn()
                ->classes(...array_merge(...array_map(self::classes(...), array_values($forbidden))))
                ->because('the arrows of docs/architecture.md run one way');
        }
    }

    /** @return list<\PHPat\Selector\SelectorInterface> */
    private static function classes(string $part): array
    {
        return isset(self::ROOT[$part])
            ? array_map(static fn (string $class) => Selector::classname('Ondergrond\\'.$class), self::ROOT[$part])
            : [Selector::inNamespace('Ondergrond\\'.$part)];
    }
}
