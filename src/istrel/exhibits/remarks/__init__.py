"""What a careful supervisor would remark on: a function per remark, each with its cases and a remedy where there is one.

Every remark is true of the cases in use; verbs choose which they make, and in which order.
"""
