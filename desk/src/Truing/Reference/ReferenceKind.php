<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Field;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Truing\Flat\FlatForm;
use JackRest\Desk\Truing\SlopeTemplateForm;
use JackRest\Desk\Truing\WindingSticksForm;
use LogicException;

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

    /** @return non-empty-list<Field> */
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

    /** What such a thing may be out before anybody has said otherwise, mm. */
    public function usualToleranceMm(): float
    {
        foreach ($this->fields() as $field) {
            if ($field->name === 'tolerance') {
                return (float) $field->begins;
            }
        }

        throw new LogicException("a reference of kind {$this->value} has no tolerance");
    }

    /**
     * @param  array<string, string>  $typed  by the names of {@see fields}
     * @param  array<string, list<string>>  $gaps  by the id of a line; of flat things only
     */
    public function sheet(array $typed, array $gaps, float $resolutionMm, LengthFormatter $format): TestForm
    {
        $form = Form::of($this->fields(), $typed, $format);

        return match ($this) {
            self::Sticks => new WindingSticksForm($form, $resolutionMm, $format),
            self::Slope => new SlopeTemplateForm($form, $resolutionMm, $format),
            default => FlatForm::of($this, $form, $gaps, $resolutionMm, $format),
        };
    }

    /** @return non-empty-list<Field> */
    private static function sticks(): array
    {
        $gap = 'A reading is far smaller than the sticks are long. Check the unit.';

        return [
            new Field('reading', Quantity::Length, -100, 100, 'Far stick’s right end higher by', 'less than nought: its left end', $gap, step: 0.25, isReading: true),
            new Field('turned', Quantity::Length, -100, 100, 'The same, far stick turned', 'end for end, in the same place', $gap, step: 0.25, isReading: true),
            new Field('nearTurned', Quantity::Length, -100, 100, 'The same, near stick turned too', 'if you want to know that one as well', $gap, step: 0.25, isReading: true),
            new Field('length', Quantity::Length, 50, 2000, 'Length of the sticks', '', 'Winding sticks are between 50 mm and 2 m long.', begins: 450.0, step: 10.0),
            new Field('boardWidth', Quantity::Length, 10, 2000, 'Width of your boards', 'the wider, the more of it shows', 'A board is between 10 mm and 2 m wide.', begins: 150.0, step: 10.0),
            self::shaving(0.05),
            self::tolerance('What a stick may be out', 'over its length', 0.3),
        ];
    }

    /** @return non-empty-list<Field> */
    private static function slope(): array
    {
        $lean = 'A line leans between 0.1 and 500 mm.';

        return [
            new Field('rise', Quantity::Length, 0.1, 500, 'The line leans by', 'over the length below', $lean, step: 0.1, isReading: true),
            new Field('turned', Quantity::Length, 0.1, 500, 'Turned over, it leans by', 'the other way round', $lean, step: 0.1, isReading: true),
            new Field('run', Quantity::Length, 5, 1000, 'Length of the line', 'square across the edge', 'Measure along 5 mm to 1 m.', begins: 70.0),
            new Field('nominal', Quantity::Slope, 0.2, 60, 'Slope it should have', '1 in so many, such as 7, or 45°', 'A slope is between 1 in 0.2 and 1 in 60, 79° and 1°.', begins: 7.0),
            new Field('thickness', Quantity::Length, 1, 200, 'Thickness of the board', '', 'A board is between 1 and 200 mm thick.', begins: 22.0, step: 0.5),
            new Field('joints', Quantity::Count, 1, 200, 'Tails in a row', '', 'Between 1 and 200 joints stand in a row.', begins: 8.0),
            self::tolerance('What one tail can bear', '', 0.1),
        ];
    }

    /**
     * @param  array{float, float}  $sizesMm  length, width
     * @return non-empty-list<Field>
     */
    private static function flat(array $sizesMm, float $toleranceMm, ?float $shavingMm = null): array
    {
        return [
            new Field('length', Quantity::Length, 20, 5000, 'Length', '', 'A flat thing is between 20 mm and 5 m long.', begins: $sizesMm[0], step: 5.0),
            new Field('width', Quantity::Length, 10, 3000, 'Width', '', 'A flat thing is between 10 mm and 3 m wide.', begins: $sizesMm[1], step: 5.0),
            new Field('along', Quantity::Count, 3, 9, 'Places along', '3, 5, 7 or 9', 'Read at 3, 5, 7 or 9 places along.', begins: 5.0, step: 2.0),
            new Field('across', Quantity::Count, 3, 5, 'Places across', '3 or 5', 'Read at 3 or 5 places across.', begins: 3.0, step: 2.0),
            ...($shavingMm === null ? [] : [self::shaving($shavingMm)]),
            self::tolerance('What the work can bear', 'between its highest and lowest place', $toleranceMm),
        ];
    }

    private static function shaving(float $usual): Field
    {
        return new Field('shaving', Quantity::Length, 0.0001, 1, 'One shaving', 'ten in a pack: type 0.5 mm / 10', 'A shaving is thicker than nought and thinner than 1 mm.', begins: $usual, step: 0.005);
    }

    private static function tolerance(string $label, string $hint, float $usual): Field
    {
        return new Field('tolerance', Quantity::Length, 0.0001, 20, $label, $hint, 'A tolerance is more than nought and less than 20 mm.', begins: $usual, step: 0.01);
    }
}
