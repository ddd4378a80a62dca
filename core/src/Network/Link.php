<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;

/** What joins one kind of plug to another, once on the boat: from the transducer's side to the screen's, and not back. */
interface Link
{
    public function id(): string;

    /** The kind of plug that goes into it. */
    public function from(): string;

    /** The kind of plug that it ends in. */
    public function to(): string;

    /** Whether a function of a transducer comes through. */
    public function passes(SonarFunction $function, Transducer $transducer): bool;

    /** As a sentence speaks of it. */
    public function label(): string;
}
