<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\HowLong;

/** How many are made, how many go through together, from what wood, with how many hours a week; and the plan of it. */
final readonly class JobForm
{
    public const PLANED = 'planed';

    public const ROUGH = 'rough';

    private function __construct(public Form $form, public Advice $next, public ?JobBook $book)
    {
    }

    /** @return list<FormField> */
    public static function fields(PartCount $usual): array
    {
        $count = static function (string $name, string $label, string $hint, ?float $begins, int $most): FormField {
            return new FormField($name, Quantity::Count, 1, $most, $label, $hint, begins: $begins);
        };

        return [
            $count('pieces', 'How many', 'alike, made together', 1.0, 100),
            $count('batch', 'How many at a time', 'empty: all of them', null, 100),
            $count('boards', 'Boards in each', '', (float) $usual->boards, 100),
            $count('joints', 'Joints in each', 'corners, mortises, dados', (float) $usual->joints, 100),
            $count('hours', 'Hours a week', 'at the bench', 5.0, 80),
            $count('woodDays', 'Days until the wood is here', 'empty: it is here', null, 365),
        ];
    }

    /**
     * @param  array<string, string>  $typed
     * @param  string  $wood  rough or planed
     * @param  bool  $hones  whether honing is planned in
     */
    public static function of(
        array $typed,
        string $wood,
        bool $hones,
        JobAsk $ask,
        JobHands $hands,
        LengthFormatter $format,
    ): self {
        $form = Form::of(self::fields($ask->parts), $typed, $format);
        if (! $form->isSound()) {
            return new self($form, Advice::correct(), null);
        }
        $given = $form->given();
        $pieces = (int) ($given['pieces'] ?? 1);
        $boards = (int) ($given['boards'] ?? $ask->parts->boards);
        $ends = max(1, (int) round($ask->parts->ends * $boards / $ask->parts->boards));
        try {
            $book = JobBook::of(
                $ask,
                $hands,
                $pieces,
                (int) ($given['batch'] ?? $pieces),
                new PartCount($boards, $ends, (int) ($given['joints'] ?? $ask->parts->joints)),
                $wood === self::PLANED,
                $hones,
                $format,
            );
        } catch (InvalidInput $wrong) {
            $error = $wrong->errors[0];

            return new self($form->refused(
                isset($form->readings[$error->field]) ? $error->field : 'pieces',
                $error->field === 'batch' ? 'No more than are made.' : ucfirst($error->message).'.',
            ), Advice::correct(), null);
        }

        return new self($form, self::next($book, $ask), $book);
    }

    public function pieces(): int
    {
        return (int) ($this->form->given()['pieces'] ?? 1);
    }

    public function batch(): int
    {
        return (int) ($this->form->given()['batch'] ?? $this->pieces());
    }

    public function minutesPerDay(): float
    {
        return 60 * ($this->form->given()['hours'] ?? 5.0) / 7;
    }

    /** Until the wood is here. */
    public function woodDays(): int
    {
        return (int) ($this->form->given()['woodDays'] ?? 0);
    }

    private static function next(JobBook $book, JobAsk $ask): Advice
    {
        $lacking = $book->lacking();
        $time = HowLong::of($book->minutes());

        return $lacking === []
            ? new Advice("$time at the bench, in ".count($book->steps).' steps.', 'Begin with: '.
                lcfirst(JobWords::howOften(
                    $book->steps[0]->title,
                    $book->steps[0]->units,
                    $book->steps[0]->part,
                )).'.')
            : new Advice(
                'Not all of it can be done yet: '.lcfirst($lacking[0]->title).'.',
                $lacking[0]->says.' What comes before it can be begun.',
            );
    }
}
