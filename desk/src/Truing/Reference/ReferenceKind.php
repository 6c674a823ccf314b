<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing\Reference;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Truing\Flat\FlatForm;
use JackRest\Desk\Truing\SlopeTemplateForm;
use JackRest\Desk\Truing\WindingSticksForm;

/** References that are neither squares nor straightedges. Usual sizes and tolerances: common practice, no source. */
enum ReferenceKind: string
{
    case Sticks = 'sticks';
    case Slope = 'slope';
    case Sole = 'sole';
    case Stone = 'stone';
    case Board = 'board';

    public function label(): string
    {
        return match ($this) {
            self::Sticks => 'a pair of winding sticks',
            self::Slope => 'a bevel or dovetail template',
            self::Sole => 'a plane’s sole',
            self::Stone => 'a stone',
            self::Board => 'a board or shooting board',
        };
    }

    public function isFlat(): bool
    {
        return in_array($this, [self::Sole, self::Stone, self::Board], true);
    }

    /** How it is tested, in a sentence. */
    public function method(): string
    {
        return match ($this) {
            self::Sticks => 'On any board, read twice: the far stick turned end for end between the readings.',
            self::Slope => 'Drawn along both ways round: the mean is its slope, half the difference its own lean.',
            default => 'A straightedge laid along line after line; the gaps under it give the whole surface.',
        };
    }

    /** @return array{string, string} what an error above and below nought means, in the history */
    public function sides(): array
    {
        return match ($this) {
            self::Sticks => ['high at its right end', 'high at its left end'],
            self::Slope => ['too steep', 'too flat'],
            default => ['crowned', 'hollow'],
        };
    }

    /** @return non-empty-list<ReferenceField> */
    public function fields(): array
    {
        return match ($this) {
            self::Sticks => self::sticks(),
            self::Slope => self::slope(),
            self::Sole => self::flat([250.0, 60.0], 0.05),
            self::Stone => self::flat([200.0, 70.0], 0.05),
            self::Board => self::flat([600.0, 300.0], 0.3, 0.1),
        };
    }

    /**
     * @param  array<string, string>  $typed  by the names of {@see fields}
     * @param  array<string, list<string>>  $gaps  by the id of a line; of flat things only
     */
    public function sheet(array $typed, array $gaps, float $resolutionMm, LengthFormatter $format): TestForm
    {
        $figures = [];
        foreach ($this->fields() as $field) {
            $figures[$field->name] = $field->read($typed[$field->name] ?? '', $format);
        }

        return match ($this) {
            self::Sticks => new WindingSticksForm($figures, $resolutionMm, $format),
            self::Slope => new SlopeTemplateForm($figures, $resolutionMm, $format),
            default => FlatForm::of($this, $figures, $gaps, $resolutionMm, $format),
        };
    }

    /** @return non-empty-list<ReferenceField> */
    private static function sticks(): array
    {
        $gap = 'A reading is far smaller than the sticks are long. Check the unit.';

        return [
            new ReferenceField('reading', 'Far stick’s right end higher by', 'less than nought: its left end', -100, 100, $gap, step: 0.25, isReading: true),
            new ReferenceField('turned', 'The same, far stick turned', 'end for end, in the same place', -100, 100, $gap, step: 0.25, isReading: true),
            new ReferenceField('nearTurned', 'The same, near stick turned too', 'if you want to know that one as well', -100, 100, $gap, step: 0.25, isReading: true),
            new ReferenceField('length', 'Length of the sticks', '', 50, 2000, 'Winding sticks are between 50 mm and 2 m long.', 450.0, 10.0),
            new ReferenceField('boardWidth', 'Width of your boards', 'the wider, the more of it shows', 10, 2000, 'A board is between 10 mm and 2 m wide.', 150.0, 10.0),
            self::shaving(0.05),
            self::tolerance('What a stick may be out', 'over its length', 0.3),
        ];
    }

    /** @return non-empty-list<ReferenceField> */
    private static function slope(): array
    {
        $lean = 'A line leans between 0.1 and 500 mm.';

        return [
            new ReferenceField('rise', 'The line leans by', 'over the length below', 0.1, 500, $lean, step: 0.1, isReading: true),
            new ReferenceField('turned', 'Turned over, it leans by', 'the other way round', 0.1, 500, $lean, step: 0.1, isReading: true),
            new ReferenceField('run', 'Length of the line', 'square across the edge', 5, 1000, 'Measure along 5 mm to 1 m.', 70.0),
            new ReferenceField('nominal', 'Slope it should have', '1 in so many, such as 7, or 45°', 0.2, 60, 'A slope is between 1 in 0.2 and 1 in 60, 79° and 1°.', 7.0, unit: null),
            new ReferenceField('thickness', 'Thickness of the board', '', 1, 200, 'A board is between 1 and 200 mm thick.', 22.0, 0.5),
            new ReferenceField('joints', 'Tails in a row', '', 1, 200, 'Between 1 and 200 joints stand in a row.', 8.0, unit: DimensionUnit::Count),
            self::tolerance('What one tail can bear', '', 0.1),
        ];
    }

    /**
     * @param  array{float, float}  $sizesMm  length, width
     * @return non-empty-list<ReferenceField>
     */
    private static function flat(array $sizesMm, float $toleranceMm, ?float $shavingMm = null): array
    {
        return [
            new ReferenceField('length', 'Length', '', 20, 5000, 'A flat thing is between 20 mm and 5 m long.', $sizesMm[0], 5.0),
            new ReferenceField('width', 'Width', '', 10, 3000, 'A flat thing is between 10 mm and 3 m wide.', $sizesMm[1], 5.0),
            new ReferenceField('along', 'Places along', '3, 5, 7 or 9', 3, 9, 'Read at 3, 5, 7 or 9 places along.', 5.0, 2.0, unit: DimensionUnit::Count),
            new ReferenceField('across', 'Places across', '3 or 5', 3, 5, 'Read at 3 or 5 places across.', 3.0, 2.0, unit: DimensionUnit::Count),
            ...($shavingMm === null ? [] : [self::shaving($shavingMm)]),
            self::tolerance('What the work can bear', 'between its highest and lowest place', $toleranceMm),
        ];
    }

    private static function shaving(float $usual): ReferenceField
    {
        return new ReferenceField('shaving', 'One shaving', 'ten in a pack: type 0.5 mm / 10', 0.0001, 1, 'A shaving is thicker than nought and thinner than 1 mm.', $usual, 0.005);
    }

    private static function tolerance(string $label, string $hint, float $usual): ReferenceField
    {
        return new ReferenceField('tolerance', $label, $hint, 0.0001, 20, 'A tolerance is more than nought and less than 20 mm.', $usual, 0.01);
    }
}
