<?php

declare(strict_types=1);

namespace Ondergrond\Glossary;

/** The words that stand on the pages, in the words of those who use them. */
final class Glossary
{
    /** @return list<Term> by word */
    public static function all(): array
    {
        return [
            new Term(
                'Adfreeze',
                'Ground that freezes fast to a rough wall and lifts it as it heaves. A board, a mat or clean backfill parts them.',
            ),
            new Term(
                'Admittance',
                'How readily a floor or wall takes in heat when the room swings: the flow for a swing of one degree. High in bare '
                    .'concrete, low behind carpet.',
                'Y, W/(m²·K)',
            ),
            new Term(
                'Air freezing index',
                'How cold a winter is: degrees below freezing added up over its days, thaws taken off.',
                'F, °C·d, K·h or °F·d',
            ),
            new Term(
                'Airtight line',
                'The line through the section that holds the air: along the sheet, up the wall’s concrete, to the sheathing. Drawn '
                    .'as dots.',
            ),
            new Term('Amplitude', 'Half the distance between the warmest and the coldest of the year’s wave.', 'K'),
            new Term(
                'Areal heat capacity',
                'What a square metre takes in and gives back in a swing of the room. The longer the swing, the deeper it reaches; '
                    .'after a hand’s breadth of concrete a day reaches no further.',
                'κ, kJ/(m²·K)',
            ),
            new Term(
                'As built',
                'The released design with what was read or left out on site. It is judged like any design, and never '
                    .'stored: the entries say it.',
            ),
            new Term('As drawn', 'A figure worked out on the drawn section itself, in two dimensions, with all its junctions: 2-D for short.'),
            new Term(
                'Band',
                'What a figure becomes when the ground conducts as little, or as much, as its class allows. Soil is never known to a '
                    .'digit, so figures that hang on it are ranges.',
            ),
            new Term(
                'Base line',
                'The line between two pegs, P and Q, from which every corner and item is taped.',
            ),
            new Term(
                'Buck',
                'A frame that keeps an opening free in a foam form while it is filled; of the core’s width, so that concrete meets it all round.',
            ),
            new Term('By the standard', 'A figure by the formula of ISO 13370, which knows floor and wall but no junction between them.'),
            new Term(
                'Characteristic dimension',
                'Floor area divided by half the exposed outline. Large floors lose less through each square metre, because the middle '
                    .'is far from the edge.',
                'B′, m',
            ),
            new Term(
                'Conductivity',
                'How well a material passes heat: watts through a square metre, a metre thick, for each degree. Lower insulates better.',
                'λ, W/(m·K)',
            ),
            new Term(
                'Creep',
                'What a board goes on giving way under a load that stays. A third of its strength keeps it within 2 % in 50 years.',
            ),
            new Term(
                'Critical task',
                'A task that decides when the job is done: a day late there is a day late at the end.',
            ),
            new Term(
                'Damp-proof course',
                'A strip across a wall that keeps water from climbing, joined to the floor’s sheet, lapped, and taken up the sides '
                    .'of openings.',
            ),
            new Term('Datum', 'The level that heights count from: here the ground outside, ±0.'),
            new Term(
                'Declared conductivity',
                'What a board’s label promises, new and dry. The design value is what it is reckoned with where it lies: against '
                    .'wet ground it conducts more.',
                'λ_D',
            ),
            new Term(
                'Decrement',
                'Of a swing outside, the share that comes through to the inside, compared with a steady difference.',
                'f',
            ),
            new Term(
                'Degree-days',
                'How much a year has to be heated: each day counts by what its mean is below a base, such as 18 °C or 65 °F.',
                '°C·d',
            ),
            new Term(
                'Design day',
                'The cold day that heating is sized for: the yearly peak of the wave plus a five-day spell at the design temperature.',
            ),
            new Term(
                'Design winter',
                'The winter a foundation has to stand, once in a hundred years unless the site says otherwise, laid out day by day.',
            ),
            new Term(
                'Dew point',
                'The temperature at which air can hold no more of the vapour it holds: on anything colder, water comes out of it.',
                '°C',
            ),
            new Term('Dig level', 'The bottom of the hole before anything is laid: all layers and the stone bed stand on it.'),
            new Term(
                'Dowel',
                'A bar from the footing up into the wall, which keeps the wall’s foot where it stands.',
            ),
            new Term('Edge beam', 'The thickened rim of a slab that carries the wall, cast with the slab in one pour.'),
            new Term('Edge insulation', 'Board at the rim of the floor, upright or flat. Most of the heat leaves there.', 'R, D'),
            new Term(
                'Entry',
                'One thing that was read, seen or done on site. It is never changed; a correction is another entry that '
                    .'names the one it replaces.',
            ),
            new Term(
                'Equivalent air layer',
                'How thick a layer of still air would hold vapour back as much as a layer does. A good sheet stands for fifty metres.',
                's_d, m',
            ),
            new Term(
                'Exposed perimeter',
                'The part of the outline next to outside air or an unheated room. A side built against a heated neighbour does not count.',
                'P, m',
            ),
            new Term(
                'Field',
                'The temperature everywhere in the section, worked out cell by cell from what the section is made of and what acts on '
                    .'its edges. The mean of the year and its swing together give any day. What it comes to is said as *as drawn*.',
                '°C',
            ),
            new Term(
                'Hard board',
                'Foam of 40 psi (276 kPa) and more, for under bearings; softer board beside it carries the floor alone.',
            ),
            new Term('Limit met', 'What is there is within what is asked, by every method that is held against it.'),
            new Term('Middle board', 'The board under the middle of the floor, away from the edge.'),
            new Term(
                'Finding',
                'What a rule has to say of a design: what was measured, what is wanted, why, and what to do. Stop: do not build it '
                    .'so. Fix: put right before the pour. Note: know it, and decide. Not checked: something must be known first.',
            ),
            new Term('Footing', 'The widened concrete that a stem or basement wall stands on.'),
            new Term(
                'Form, permanent',
                'Foam blocks that concrete is poured into and that stay as its insulation, their two faces held together by webs.',
            ),
            new Term(
                'Frost margin',
                'From the nearest frost to the ground under a bearing on the worst day of the design winter. Below zero frost has '
                    .'gone that far in.',
                'mm',
            ),
            new Term(
                'Hand-over',
                'The pack that the client is given: plan, sections, verdicts, hold points with who passed them, readings, '
                    .'photographs, what was built otherwise and what was not checked.',
            ),
            new Term('Head', 'How high the water table stands over something: each metre presses with about 10 kPa.', 'm'),
            new Term('Heat flow', 'Which way heat goes and how much of it passes a square metre.', 'W/m²'),
            new Term(
                'Heating month',
                'A month whose mean outdoor temperature is below the site’s heating limit; one within 2 K of it counts by its '
                    .'share. What a floor loses in them stands beside what it loses in all of the year.',
            ),
            new Term('Heave', 'Ground with fines draws water to the ice as it freezes, swells and lifts what stands on it.'),
            new Term(
                'Hold point',
                'Where work stops until something has been read or seen, because what follows buries it.',
            ),
            new Term('Humidity class', 'How much vapour the use of rooms adds to the air outside, from an unused store to a laundry.'),
            new Term('Isotherm', 'A line through the section along which it is equally warm. That of 0 °C is drawn in its own style.'),
            new Term(
                'Junction',
                'Where wall and floor meet. What is lost there beyond floor and wall by themselves is its linear transmittance.',
                'ψ, W/(m·K)',
            ),
            new Term('Lag', 'By how many hours what comes through a floor or wall is late.'),
            new Term('Laying order', 'The order in which the crew puts the parts down; the numbers on the flags and in the log.'),
            new Term(
                'Layout',
                'What a design puts on the plan: drain runs and joints. Posts and sleeves belong to the building and stand '
                    .'on the plan itself.',
            ),
            new Term(
                'Leaf',
                'One of the two walls of a cavity wall or of a stem under it: the inner towards the room, the outer towards the weather.',
            ),
            new Term('Ledge', 'Rock in the ground, met under the ground outside at the depth that the site says. It does not heave.'),
            new Term(
                'Level',
                'A height that is set out: of the finished floor, the footing’s top, the dig level and the rest, over or under the '
                    .'ground outside.',
            ),
            new Term('Light floor', 'Boards of 22 mm over the same insulation: what next to no mass does, for comparison.'),
            new Term('Lining', 'What stands inside a stem or basement wall: board and its cover.'),
            new Term('Loop', 'One run of pipe from the manifold through the floor and back.'),
            new Term(
                'Muggy spell',
                'The most humid days of a warm month: air that is let in then leaves its water on cold floors and walls.',
            ),
            new Term('No limit set', 'Nothing is asked, so nothing is held against it; the figure stands for itself.'),
            new Term('Not checked', 'Something that would have to be known is not said, so nothing is claimed. Never the same as a limit met.'),
            new Term('Not filled in', 'Something that nobody has said yet: loads, a finish. It is never taken as nought.'),
            new Term('Option', 'One way of building the same job. A project has one or more; the pinned one is opened and judged first.'),
            new Term(
                'Own product',
                'A board or sheet as its maker’s data sheet has it, kept in the firm’s list; a project keeps the version it took.',
            ),
            new Term('Pad', 'A footing of its own under a post. Poured first and backfilled; boards, sheet and stone go over it.'),
            new Term('Perimeter board', 'A thicker board in a strip along the edge beam.'),
            new Term('Pin', 'Marks the option that stands for the project.'),
            new Term(
                'Point thermal transmittance',
                'What one post or fixing leads past the insulation for a degree between inside and outside.',
                'χ, W/K',
            ),
            new Term('Provisional', 'Said under a climate that is invented, estimated or not known yet: worth comparing by, not building by, until the site’s own is given.'),
            new Term(
                'R-value',
                'How well a layer holds heat back: its thickness divided by its conductivity.',
                'R, m²·K/W or ft²·h·°F/Btu',
            ),
            new Term(
                'Redundancy',
                'Tapes over those that would just do. One shows that something is wrong, not where; with more of them it '
                    .'can be placed.',
            ),
            new Term(
                'Release',
                'That one option is what gets built. From then on it is changed with a reason alone.',
            ),
            new Term(
                'Remedy',
                'A change of the design that takes a finding away. One press applies it; undo takes it back. What it brings or makes worse is '
                    .'said beside it.',
            ),
            new Term(
                'Requirement set',
                'What a code or a custom asks of insulation, place by place. The sets that ship are from memory; every figure can be '
                    .'changed.',
            ),
            new Term(
                'Revision',
                'A state that was once saved, with who saved it and when. The history of an option is the list of them; any can be '
                    .'returned to.',
            ),
            new Term('Rulebook', 'All the rules that every design is asked, each with its reason and its source.'),
            new Term(
                'School',
                'One of two sound answers to a question on which practitioners disagree. What decides between them stands beside it.',
            ),
            new Term('Section', 'The building cut through at its edge and seen from the side.'),
            new Term(
                'Set aside',
                'A rule that somebody has decided not to follow on this design, with the reason and the name, which stay in sight.',
            ),
            new Term(
                'Side',
                'A kind of edge that a design has: the common edge, a walk-out side, a door, a garage or porch. Each is a section of '
                    .'its own, weighted by its length.',
            ),
            new Term(
                'Slack',
                'How many working days a task may be late without moving the end.',
            ),
            new Term('Stack', 'The layers at one place, from the room outward, that heat and vapour pass one after the other.'),
            new Term('Stem wall', 'The wall from the footing up to where the building begins.'),
            new Term(
                'Stone bed',
                'Clean crushed stone under boards and beam: it carries, drains and keeps water from climbing. Stated at its thinnest.',
            ),
            new Term(
                'Surface factor',
                'How much of the step from outdoor to room temperature the coldest place of a face has taken: 1 is as warm as the '
                    .'room, 0 as cold as outside.',
                'f',
            ),
            new Term(
                'Surface freezing factor',
                'How much of the air’s freezing index gets to the surface of the ground: all where it is bare, half under turf.',
                'n',
            ),
            new Term(
                'Surplus power',
                'What panels make beyond what the house uses just then. A floor with pipes or cable can take it as heat.',
                'kW',
            ),
            new Term(
                'Thermostat',
                'Switches heat by the room’s temperature. In a thick floor it is always late: the floor has to warm up first.',
            ),
            new Term(
                'Transmittance',
                'Heat through a square metre of floor for each degree between inside and outside, over the heating season.',
                'U, W/(m²·K)',
            ),
            new Term(
                'Trap',
                'Water that is built in between two layers that hardly let it out, such as rain among boards in a turned-up sheet '
                    .'under a tight floor.',
            ),
            new Term('Uplift', 'The push of water from below: it lifts a floor that weighs less than the water it stands in.', 'kPa'),
            new Term('Vapour sheet', 'Sheet that keeps ground moisture out of the slab; above the boards or below them, two schools.'),
            new Term(
                'Verdict',
                'What is said of heat, frost, damp, mass and load, no better than the worst that the rules find of it: limit met, '
                    .'close (within a twentieth of the limit), disputed (two methods on two sides of it), fails, not checked, or no '
                    .'limit set.',
            ),
            new Term(
                'Virtual temperature',
                'What the ground half a metre under a floor feels of everything beyond, month by month: it lets a year be simulated '
                    .'without the years before it.',
                '°C',
            ),
            new Term('Walk-out side', 'The side of a basement where the ground lies as low as its floor.'),
            new Term(
                'Water vapour resistance factor',
                'How much harder water vapour passes a material than still air of the same thickness.',
                'µ',
            ),
            new Term('Wave', 'The twelve monthly means as one smooth year: a mean, an amplitude and a coldest moment.'),
            new Term('Wing', 'A board lying outside in the ground that keeps frost from under the edge.'),
            new Term('Without insulation', 'The same slab, wall and stone with no board: what the boards are measured against.'),
        ];
    }
}
