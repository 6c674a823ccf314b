<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing\Reference;

use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;

/** A reference's test as far as it has been typed, whatever is tested. */
interface TestForm
{
    public function form(): Form;

    /** How far it is out, mm, signed; null: not known yet. */
    public function errorMm(): ?float;

    /** Expanded uncertainty of that, mm, k = 2. */
    public function uncertaintyMm(): float;

    /** Null: there is no result, or no tolerance. */
    public function verdict(): ?Verdict;

    /** What was found, beside its size; null: nothing. */
    public function found(): ?string;

    /** What is known beside the error, in a sentence. */
    public function standing(): string;

    public function next(): Advice;

    /** @return list<Explanation> */
    public function explained(): array;
}
