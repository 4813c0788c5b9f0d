<?php

declare(strict_types=1);

namespace App\Models;

/** What people do with an attempt. Where each step is possible stands in AttemptState::after(). */
enum AttemptStep
{
    /** Its student adds, marks or removes frames. */
    case Prepare;
    /** Its student hands it in. */
    case HandIn;
    /** Its student takes it back, as long as nobody has opened it. */
    case TakeBack;
    /** The instructor opens it at the desk. */
    case Open;
    /** Instructor and guest critics look at it. */
    case SeeAtDesk;
    /** Instructor and guest critics write notes, decide on findings, keep what-ifs and suggestions. */
    case Critique;
    /** The instructor publishes the critique. */
    case Publish;
    /** The instructor takes the critique back, a moment after publishing it. */
    case Recall;
    /** The instructor changes a return that has been published, and publishes the correction. */
    case Correct;
    /** Its student and whoever critiques read the return. */
    case ReadReturn;
    /** Its student answers the return, shows it to the class or plans the reshoot. */
    case Answer;
}
