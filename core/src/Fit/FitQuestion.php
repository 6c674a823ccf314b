<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Fit\Questions\Blades;
use JackRest\Core\Fit\Questions\Braces;
use JackRest\Core\Fit\Questions\Chisels;
use JackRest\Core\Fit\Questions\Marks;
use JackRest\Core\Fit\Questions\Saws;
use JackRest\Core\Fit\Questions\Shoulders;
use JackRest\Core\Fit\Questions\Soles;
use JackRest\Core\Kit\Tool;
use JackRest\Core\Measure\Figure;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Hardness;

/** The questions of fit by name. A new one is a class in Questions and a case here. */
enum FitQuestion: string
{
    case Saws = 'saws';
    case Soles = 'soles';
    case Chisels = 'chisels';
    case Blades = 'blades';
    case Shoulders = 'shoulders';
    case Marks = 'marks';
    case Braces = 'braces';

    public function asks(): string
    {
        return match ($this) {
            self::Saws => 'Which saw for this stock?',
            self::Soles => 'Which sole for this board?',
            self::Chisels => 'Which chisels for these pins and mortises?',
            self::Blades => 'Which blade for the waste?',
            self::Shoulders => 'Which shoulder plane for this stock?',
            self::Marks => 'What to mark with for this fit?',
            self::Braces => 'Which brace for this bit?',
        };
    }

    public function short(): string
    {
        return match ($this) {
            self::Saws => 'Saws',
            self::Soles => 'Soles',
            self::Chisels => 'Chisels',
            self::Blades => 'Blades for waste',
            self::Shoulders => 'Shoulder planes',
            self::Marks => 'Marks',
            self::Braces => 'Braces',
        };
    }

    public function wantsHardness(): bool
    {
        return $this === self::Saws || $this === self::Braces;
    }

    /** @param  array<int|string, OwnBite>  $ownBites  by tool id */
    public function fit(array $ownBites = []): Fit
    {
        return match ($this) {
            self::Saws => new Saws($ownBites),
            self::Soles => new Soles,
            self::Chisels => new Chisels,
            self::Blades => new Blades,
            self::Shoulders => new Shoulders,
            self::Marks => new Marks,
            self::Braces => new Braces,
        };
    }

    /**
     * @param  array<string, string>  $typed  by field; an empty one is taken as usual, or left out where it may be
     * @param  list<Tool>  $tools
     * @param  array<int|string, OwnBite>  $ownBites
     */
    public function sheet(array $typed, Hardness $hardness, array $tools, LengthFormatter $format, array $ownBites = []): FitSheet
    {
        $fit = $this->fit($ownBites);
        $figures = $values = [];
        foreach ($fit->fields() as $field) {
            $figure = $figures[$field->name] = $field->read($typed[$field->name] ?? '', $format);
            if ($figure->error !== null) {
                continue;
            }
            $value = $figure->value ?? ($field->optional ? null : $field->usual);
            if ($value !== null) {
                $values[$field->name] = $value;
            }
        }
        $wrong = array_filter($figures, static fn (Figure $figure): bool => $figure->error !== null);
        if ($wrong !== []) {
            return new FitSheet($figures, [], 'Put that reading right first.', (string) current($wrong)->error, []);
        }
        $answer = $fit->answer($values, $hardness, $tools, $format);

        return new FitSheet($figures, $answer->rows, $answer->next, $answer->why, $answer->how);
    }
}
