<?php

declare(strict_types=1);

namespace Dinghy\Monitor;

/** A log that cannot be read, with what would help in its message. */
final class LogRefused extends \RuntimeException
{
}
