<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

use JackRest\Core\Fit\OwnBite;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Advice;
use JackRest\Desk\Fit\Questions\BladeQuestion;
use JackRest\Desk\Fit\Questions\BraceQuestion;
use JackRest\Desk\Fit\Questions\ChiselQuestion;
use JackRest\Desk\Fit\Questions\MarkingQuestion;
use JackRest\Desk\Fit\Questions\SawQuestion;
use JackRest\Desk\Fit\Questions\ShoulderQuestion;
use JackRest\Desk\Fit\Questions\SoleQuestion;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\Reading;

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
            self::Soles => new SoleQuestion(),
            self::Chisels => new ChiselQuestion(),
            self::Blades => new BladeQuestion(),
            self::Shoulders => new ShoulderQuestion(),
            self::Marks => new MarkingQuestion(),
            self::Braces => new BraceQuestion(),
        };
    }

    /**
     * @param  array<string, string>  $typed  by field; an empty one is taken as usual, or left out where it may be
     * @param  list<ToolAtHand>  $tools
     * @param  array<int|string, OwnBite>  $ownBites
     */
    public function answered(
        array $typed,
        Hardness $hardness,
        array $tools,
        LengthFormatter $format,
        array $ownBites = [],
    ): FitForm {
        $fit = $this->fit($ownBites);
        $form = Form::of($fit->fields(), $typed, $format);
        $wrong = array_filter($form->readings, static fn (Reading $reading): bool => $reading->error !== null);
        if ($wrong !== []) {
            return new FitForm(
                $form,
                [],
                new Advice('Put that reading right first.', (string) current($wrong)->error),
                [],
            );
        }
        $values = $form->given();
        foreach ($fit->fields() as $field) {
            if ($field->begins !== null) {
                $values += [$field->name => $field->begins];
            }
        }
        $answer = $fit->answer($values, $hardness, $tools, $format);

        return new FitForm($form, $answer->rows, $answer->next, $answer->how);
    }
}
