<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

use JackRest\Core\Fit\OwnBite;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Hardness;
use JackRest\Desk\Fit\Questions\BladeQuestion;
use JackRest\Desk\Fit\Questions\BraceQuestion;
use JackRest\Desk\Fit\Questions\ChiselQuestion;
use JackRest\Desk\Fit\Questions\MarkingQuestion;
use JackRest\Desk\Fit\Questions\SawQuestion;
use JackRest\Desk\Fit\Questions\ShoulderQuestion;
use JackRest\Desk\Fit\Questions\SoleQuestion;
use JackRest\Desk\Measure\Figure;

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
            self::Saws => new SawQuestion($ownBites),
            self::Soles => new SoleQuestion,
            self::Chisels => new ChiselQuestion,
            self::Blades => new BladeQuestion,
            self::Shoulders => new ShoulderQuestion,
            self::Marks => new MarkingQuestion,
            self::Braces => new BraceQuestion,
        };
    }

    /**
     * @param  array<string, string>  $typed  by field; an empty one is taken as usual, or left out where it may be
     * @param  list<ToolAtHand>  $tools
     * @param  array<int|string, OwnBite>  $ownBites
     */
    public function sheet(array $typed, Hardness $hardness, array $tools, LengthFormatter $format, array $ownBites = []): FitForm
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
            return new FitForm($figures, [], 'Put that reading right first.', (string) current($wrong)->error, []);
        }
        $answer = $fit->answer($values, $hardness, $tools, $format);

        return new FitForm($figures, $answer->rows, $answer->next, $answer->why, $answer->how);
    }
}
